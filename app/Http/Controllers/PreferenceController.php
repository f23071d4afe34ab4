<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\TakeHandDoubt;
use App\Http\Requests\HandDoubtRequest;
use App\Models\Light;
use App\View\Workshop\AccountPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rules\Enum;
use Illuminate\View\View;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Ground\Measure\TorqueUnit;

class PreferenceController extends Controller
{
    public function show(): View
    {
        return view('account', ['page' => new AccountPage($this->user())]);
    }

    /** With which doubt the person's readings count from now on. */
    public function hands(HandDoubtRequest $request, TakeHandDoubt $take): RedirectResponse
    {
        $take($this->user(), $request->instrument(), $request->isOwn());

        return redirect()->to(route('account').'#hands');
    }

    public function update(Request $request): RedirectResponse
    {
        $this->user()->update($request->validate([
            'length_unit' => ['sometimes', 'string', new Enum(LengthUnit::class)],
            'torque_unit' => ['sometimes', 'string', new Enum(TorqueUnit::class)],
            'light' => ['sometimes', 'string', new Enum(Light::class)],
            'wants_letter' => ['sometimes', 'boolean'],
        ]));

        return back();
    }
}
