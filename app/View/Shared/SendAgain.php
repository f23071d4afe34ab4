<?php

declare(strict_types=1);

namespace App\View\Shared;

use Illuminate\Http\Request;

use function in_array;
use function is_array;
use function is_scalar;

/** A form that was sent and could not be taken in, ready to be sent once more. Passwords and files cannot be. */
readonly class SendAgain
{
    /** @param  array<string, string>  $fields  by the names they were sent under */
    private function __construct(public string $address, private array $fields, private string $token) {}

    public static function isPossible(Request $request): bool
    {
        return ! $request->isMethodSafe() && $request->getContentTypeFormat() === 'form' && self::of($request)->fields !== [];
    }

    public static function of(Request $request): self
    {
        $mayBeShown = fn (int|string $name): bool => $name !== '_token' && $name !== 'current' && ! str_contains((string) $name, 'password');
        $fields = array_filter($request->request->all(), $mayBeShown, ARRAY_FILTER_USE_KEY);

        return new self($request->getRequestUri(), self::flat($fields), $request->hasSession() ? $request->session()->token() : '');
    }

    /** @return array<string, string> all that goes along */
    public function hidden(): array
    {
        return ['_token' => $this->token] + $this->fields;
    }

    /** @return array<string, string> what a person typed or chose */
    public function typed(): array
    {
        return array_filter($this->fields, fn (string $value, string $name) => $value !== '' && ! $this->isOurs($name), ARRAY_FILTER_USE_BOTH);
    }

    private function isOurs(string $name): bool
    {
        return in_array($name, ['_method', 'form_key', 'version', 'row', 'stop', 'stashed'], true) || str_starts_with($name, 'seen');
    }

    /**
     * @param  array<array-key, mixed>  $fields
     * @return array<string, string>
     */
    private static function flat(array $fields, string $within = ''): array
    {
        $flat = [];
        foreach ($fields as $name => $value) {
            $name = $within === '' ? (string) $name : "{$within}[{$name}]";
            $flat += match (true) {
                is_array($value) => self::flat($value, $name),
                is_scalar($value) => [$name => mb_scrub((string) $value)],
                default => [],
            };
        }

        return $flat;
    }
}
