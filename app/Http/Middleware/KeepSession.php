<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Session\Middleware\StartSession;

/**
 * The session, kept after every request but those that only look on. A poll would use up what was flashed for the
 * next page, or write an old session over what another request is just keeping.
 */
class KeepSession extends StartSession
{
    private const LOOKING_ON = ['job.news'];

    protected function saveSession($request): void
    {
        if (! $request->routeIs(...self::LOOKING_ON)) {
            parent::saveSession($request);
        }
    }
}
