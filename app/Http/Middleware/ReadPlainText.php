<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\ParameterBag;
use Symfony\Component\HttpFoundation\Response;

use function count;
use function in_array;
use function is_array;
use function is_string;
use function strlen;

/**
 * Lets only text through that can be read, one text to a field; a few fields are lists of texts. What breaks that in an
 * address is left out; in a form it is told at the field, and nothing is done.
 */
class ReadPlainText
{
    private const LISTS_IN_ADDRESSES = ['compare'];

    private const LISTS_IN_FORMS = [
        'weights', 'uses', 'seen', 'kinds', 'sides', 'widths', 'makes', 'new', 'tags',
        'found', 'torques', 'notes', 'here', 'subjects', 'counts', 'why', 'figures', 'choices', 'people', 'steps', 'with', 'values',
        'saw', 'reasons',
        'take', 'lines', 'came', 'wrong', 'scopes',
    ];

    /** In bytes; no field of ours is longer. */
    private const LONGEST = 10_000;

    /** As many as a workshop keeps things, each with a figure of its own. */
    private const LONGEST_LIST = 1500;

    /** @throws ValidationException */
    public function handle(Request $request, Closure $next): Response
    {
        $this->leaveOut($request->query, self::LISTS_IN_ADDRESSES);
        if (! $request->isMethodSafe()) {
            $faults = $this->leaveOut($request->isJson() ? $request->json() : $request->request, self::LISTS_IN_FORMS);
            if ($faults !== []) {
                throw ValidationException::withMessages($faults);
            }
        }
        /** @var Response $response */
        $response = $next($request);

        return $response;
    }

    /**
     * @param  list<string>  $lists
     * @return array<string, string> what was wrong with those that were left out
     */
    private function leaveOut(ParameterBag $fields, array $lists): array
    {
        $faults = [];
        foreach ($fields->all() as $name => $value) {
            $fault = $this->isReadable((string) $name) ? $this->fault($value, in_array($name, $lists,
                true)) : 'This field is none of ours.';
            if ($fault !== null) {
                $fields->remove((string) $name);
                $faults[mb_scrub((string) $name)] = $fault;
            }
        }

        return $faults;
    }

    private function fault(mixed $value, bool $mayBeList): ?string
    {
        return match (true) {
            is_array($value) && ! $mayBeList => 'Expected one text here, not a list.',
            is_array($value) => $this->faultOfList($value),
            is_string($value) && strlen($value) > self::LONGEST => 'That is too long.',
            is_string($value) && ! $this->isReadable($value) => 'There are characters in it that cannot be read. Type it once more.',
            default => null,
        };
    }

    /** @param  array<array-key, mixed>  $values */
    private function faultOfList(array $values): ?string
    {
        foreach ($values as $key => $value) {
            if (! $this->isReadable((string) $key) || $this->fault($value, false) !== null) {
                return 'Expected a list of texts here.';
            }
        }

        return count($values) > self::LONGEST_LIST ? 'That are too many.' : null;
    }

    private function isReadable(string $text): bool
    {
        return ! str_contains($text, "\0") && mb_check_encoding($text, 'UTF-8');
    }
}
