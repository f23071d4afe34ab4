<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Submission;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

use function is_string;

/** Tells the change that follows which form it comes from. */
class TakeEachFormInOnce
{
    public function __construct(private readonly Submission $submission) {}

    public function handle(Request $request, Closure $next): Response
    {
        $key = $request->isMethodSafe() ? null : $request->input('form_key');
        $this->submission->begin(is_string($key) && preg_match('/^[a-z0-9]{26}$/D', $key) === 1 ? $key : null);
        /** @var Response $response */
        $response = $next($request);

        return $response;
    }
}
