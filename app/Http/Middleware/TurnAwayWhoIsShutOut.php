<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Ends the session of somebody who was shut out of the workshop while signed in. */
class TurnAwayWhoIsShutOut
{
    public function handle(Request $request, Closure $next): Response
    {
        if (Auth::user()?->isShutOut() === true) {
            Auth::guard()->logout();
            $request->session()->invalidate();

            return redirect()->route('sign-in')->withErrors(['email' => 'This account is shut. Ask the owner of the workshop.']);
        }
        /** @var Response $response */
        $response = $next($request);

        return $response;
    }
}
