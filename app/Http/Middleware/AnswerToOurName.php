<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Exception\SuspiciousOperationException;
use Symfony\Component\HttpFoundation\Response;

use function in_array;
use function is_string;

/** Answers only to the host this installation is called by: any other name would be led on in the addresses of an answer. */
class AnswerToOurName
{
    private const LOOPBACK = ['127.0.0.1', 'localhost'];

    public function handle(Request $request, Closure $next): Response
    {
        Request::setTrustedHosts(array_map(fn (string $host) => '^'.preg_quote($host).'$', self::names()));
        try {
            $request->getHost();
        } catch (SuspiciousOperationException) {
            return new Response('No workshop is called that here.', Response::HTTP_BAD_REQUEST, ['Content-Type' => 'text/plain']);
        }
        /** @var Response $response */
        $response = $next($request);

        return $response;
    }

    /** @return list<string> */
    private static function names(): array
    {
        $url = config('app.url');
        $host = (string) parse_url(is_string($url) ? $url : '', PHP_URL_HOST);

        return in_array($host, self::LOOPBACK, true) ? self::LOOPBACK : [$host];
    }
}
