<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Light;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rules\Enum;
use NeatSpindle\Core\Measure\LengthUnit;
use NeatSpindle\Core\Measure\TorqueUnit;

class PreferenceController extends Controller
{
    public function update(Request $request): RedirectResponse
    {
        $this->user()->update($request->validate([
            'length_unit' => ['sometimes', new Enum(LengthUnit::class)],
            'torque_unit' => ['sometimes', new Enum(TorqueUnit::class)],
            'light' => ['sometimes', new Enum(Light::class)],
        ]));

        return back();
    }
}
