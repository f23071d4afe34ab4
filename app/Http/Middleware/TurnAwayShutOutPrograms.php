<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A token opens nothing once whose it is was shut out of the workshop. */
class TurnAwayShutOutPrograms
{
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        abort_if($user instanceof User && $user->isShutOut(), 403, 'This account is shut. Ask the owner of the workshop.');
        /** @var Response $response */
        $response = $next($request);

        return $response;
    }
}
