<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Submission;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

use function array_values;
use function hash;
use function is_array;
use function is_string;
use function preg_match;
use function substr;

/**
 * For programs: whatever goes wrong is told as a problem (RFC 9457), and what carries an `Idempotency-Key` is taken in once, however often it is sent.
 */
class AnswerPrograms
{
    private const TITLES = [
        400 => 'It cannot be read', 401 => 'No token, or one that opens nothing', 403 => 'Not allowed', 404 => 'Not there',
        405 => 'Not done here', 409 => 'It stands otherwise by now',
        419 => 'Not allowed', 422 => 'Something of it is not right', 429 => 'Too often', 500 => 'It broke', 503 => 'Not now',
    ];

    /** What a page calls otherwise than a program. */
    private const FIELDS = ['typed' => 'value_mm', 'step' => 'check'];

    public function __construct(private readonly Submission $submission) {}

    public function handle(Request $request, Closure $next): Response
    {
        $request->headers->set('Accept', 'application/json');
        $key = $request->header('Idempotency-Key');
        if ($key !== null && preg_match('/^[\x21-\x7e]{8,200}$/D', $key) !== 1) {
            return self::problem(new JsonResponse(['message' => 'An Idempotency-Key has 8 to 200 characters of ASCII and no space.'], 400));
        }
        $this->submission->begin($key === null ? null : substr(hash('sha256', $key), 0, 26));
        /** @var Response $response */
        $response = $next($request);

        return $response->getStatusCode() >= 400 ? self::problem($response) : $response;
    }

    private static function problem(Response $response): JsonResponse
    {
        $status = $response->getStatusCode();
        $said = $response instanceof JsonResponse ? $response->getData(true) : null;
        $said = is_array($said) ? $said : [];
        $errors = [];
        foreach (is_array($said['errors'] ?? null) ? $said['errors'] : [] as $field => $messages) {
            foreach (array_values((array) $messages) as $message) {
                $errors[] = ['field' => self::FIELDS[$field] ?? (string) $field, 'message' => is_string($message) ? $message : ''];
            }
        }
        // What the framework says where a row is not there names our classes.
        $detail = $status < 500 && is_string($said['message'] ?? null) && $said['message'] !== '' && ! str_contains($said['message'], 'App\\')
            ? $said['message'] : null;

        return (new JsonResponse([
            'type' => 'about:blank', 'title' => self::TITLES[$status] ?? 'It did not go through', 'status' => $status,
            ...($detail === null ? [] : ['detail' => $detail]), ...($errors === [] ? [] : ['errors' => $errors]),
        ], $status, array_intersect_key($response->headers->all(), array_flip(['retry-after', 'x-ratelimit-limit',
            'x-ratelimit-remaining']))))
            ->withHeaders(['Content-Type' => 'application/problem+json']);
    }
}
