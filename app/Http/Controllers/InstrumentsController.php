<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlayRequest;
use App\View\Workshop\InstrumentsPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** Simulated instruments, played by hand. */
class InstrumentsController extends Controller
{
    public function show(): View
    {
        abort_unless((bool) config('instruments.play'), 404);

        return view('instruments', ['page' => new InstrumentsPage]);
    }

    public function play(PlayRequest $request): RedirectResponse
    {
        $request->play();

        return redirect()->to(route('instruments').'#'.$request->string('instrument'));
    }
}
