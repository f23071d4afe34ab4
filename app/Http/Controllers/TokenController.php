<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\CallTokenBack;
use App\Actions\People\GiveToken;
use App\Http\Requests\TokenRequest;
use Illuminate\Http\RedirectResponse;

/** Tokens for programs of one's own. */
class TokenController extends Controller
{
    public function give(TokenRequest $request, GiveToken $give): RedirectResponse
    {
        $token = $give($this->user(), $request->name(), $request->scopes() ?: abort(422), $request->until());

        return redirect()->to(route('account').'#tokens')->with('token', $token);
    }

    public function back(int $token, CallTokenBack $back): RedirectResponse
    {
        $back($this->user(), $token);

        return redirect()->to(route('account').'#tokens')->with('kept', 'It opens nothing any more.');
    }
}
