<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\User;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use RuntimeException;
use stdClass;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A program that asks with a token, and holds every answer against what the description says of it. */
final class Api
{
    private const DESCRIPTION = 'https://neat-spindle.example/openapi.json';

    private static ?Validator $validator = null;

    private static ?stdClass $description = null;

    /** @param  ?string  $token  null for a program that has none */
    public function __construct(private readonly TestCase $test, private readonly ?string $token) {}

    /** @param  list<string>  $scopes */
    public static function of(TestCase $test, User $person, array $scopes = ['read', 'record']): self
    {
        return new self($test, $person->createToken('Bench box', $scopes, now()->addDay())->plainTextToken);
    }

    /** @return TestResponse<Response> */
    public function get(string $path): TestResponse
    {
        return $this->ask('get', $path, []);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    public function post(string $path, array $body, ?string $once = null): TestResponse
    {
        return $this->ask('post', $path, $body, $once === null ? [] : ['Idempotency-Key' => $once]);
    }

    /**
     * @param  array<string, mixed>  $body
     * @param  array<string, string>  $headers
     * @return TestResponse<Response>
     */
    private function ask(string $method, string $path, array $body, array $headers = []): TestResponse
    {
        // Who is signed in, and who was let in by the last token, is nobody here.
        app('auth')->forgetGuards();
        $headers += $this->token === null ? [] : ['Authorization' => "Bearer {$this->token}"];
        $response = $this->test->json($method, "/api{$path}", $body, $headers);
        app('auth')->forgetGuards();
        app('auth')->setDefaultDriver('web');
        self::expectAsDescribed($method, $path, $response);

        return $response;
    }

    /** @param  TestResponse<Response>  $response */
    private static function expectAsDescribed(string $method, string $path, TestResponse $response): void
    {
        $description = self::$description ??= json_decode(
            (string) file_get_contents(base_path('docs/formats/openapi.json')), flags: JSON_THROW_ON_ERROR,
        );
        $template = (string) preg_replace('#^/jobs/\d+#', '/jobs/{number}', explode('?', $path)[0]);
        $status = (string) $response->getStatusCode();
        $answers = get_object_vars($description->paths->{$template}->{$method}->responses ?? new stdClass);
        $kind = $response->getStatusCode() >= 400 ? 'application/problem+json' : 'application/json';
        isset($answers[$status]->content->{$kind}) || throw new RuntimeException(
            "{$method} {$path} answered {$status}, of which its description says nothing: {$response->getContent()}",
        );
        str_starts_with((string) $response->headers->get('Content-Type'), $kind) || throw new RuntimeException(
            "{$method} {$path} answered as {$response->headers->get('Content-Type')}.",
        );
        if (self::$validator === null) {
            self::$validator = new Validator;
            self::$validator->resolver()?->registerRaw($description, self::DESCRIPTION);
        }
        $pointer = '/paths/'.str_replace('/', '~1', $template)."/{$method}/responses/{$status}/content/".str_replace('/', '~1', $kind).'/schema';
        $result = self::$validator->validate(
            json_decode((string) $response->getContent()), self::DESCRIPTION.'#'.str_replace(['{', '}'], ['%7B', '%7D'], $pointer),
        );
        $error = $result->error();
        $error === null || throw new RuntimeException(
            "{$method} {$path} is not as described: ".json_encode((new ErrorFormatter)->format($error)),
        );
    }
}
