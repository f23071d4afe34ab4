<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/** Gives every request an id that stands in its answer and in every line of the log it leads to. */
class NameTheRequest
{
    public function handle(Request $request, Closure $next): Response
    {
        Context::add('request_id', (string) Str::uuid());
        /** @var Response $response */
        $response = $next($request);
        $response->headers->set('X-Request-Id', (string) Context::get('request_id'));

        return $response;
    }
}
