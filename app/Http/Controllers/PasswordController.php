<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\ChoosePassword;
use App\Http\Requests\ChangePasswordRequest;
use App\Http\Requests\ForgottenRequest;
use App\Http\Requests\NewPasswordRequest;
use App\Http\Requests\OwnPassword;
use App\Models\Longest;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\View\View;

/** A password forgotten, chosen or changed, and sessions ended everywhere. */
class PasswordController extends Controller
{
    public function forgotten(): View
    {
        return view('password-forgotten');
    }

    /** Says the same whether there is such an account or not. */
    public function send(ForgottenRequest $request): RedirectResponse
    {
        $request->send();

        return back()->with('kept', 'If there is an account with this address, a letter is on its way.');
    }

    public function choose(Request $request, string $token): View
    {
        return view('password-new', ['token' => $token, 'email' => $request->string('email')->limit(200, '')->value()]);
    }

    public function reset(NewPasswordRequest $request, ChoosePassword $choose): RedirectResponse
    {
        $request->reset($choose);

        return redirect()->route('sign-in')->with('kept', 'The new password is kept. Sign in with it.');
    }

    public function change(ChangePasswordRequest $request, ChoosePassword $choose): RedirectResponse
    {
        $choose($this->user(), $request->string('password')->value());
        $request->session()->put(['password_hash_'.Auth::getDefaultDriver() => $this->user()->getAuthPassword()]);
        $request->session()->regenerate();

        return redirect()->route('account')->with('kept', 'The new password is kept. Wherever else you were signed in, you no longer are.');
    }

    public function endSessions(Request $request): RedirectResponse
    {
        $request->validate(
            ['current_password' => ['required', 'string', 'max:'.Longest::SECRET, new OwnPassword]],
            ['current_password.required' => 'This is not your password.'],
        );
        Auth::logoutOtherDevices($request->string('current_password')->value());

        return redirect()->route('account')->with('kept', 'Wherever else you were signed in, you no longer are.');
    }
}
