<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;

use function array_filter;
use function array_slice;
use function array_unique;
use function explode;
use function implode;
use function in_array;
use function is_string;

/** A device somebody has signed in from before: what strangers try at their address does not shut it out. */
final readonly class KnownDevice
{
    private const COOKIE = 'device';

    private const MOST_PEOPLE = 20;

    /**
     * @param  string  $name  its own, drawn once
     * @param  list<string>  $people  numbers of those who have signed in from it
     */
    private function __construct(public string $name, private array $people) {}

    public static function of(Request $request): self
    {
        $kept = $request->cookie(self::COOKIE);
        $parts = is_string($kept) && preg_match('/^[a-z0-9]{26}(\.\d{1,18})*$/D', $kept) === 1
            ? explode('.', $kept) : [Str::lower((string) Str::ulid())];

        return new self($parts[0], array_slice($parts, 1));
    }

    public function isOf(?User $person): bool
    {
        return $person !== null && in_array((string) $person->id, $this->people, true);
    }

    /** From now on it is this person's too; the answer that is sent carries it. */
    public function remember(User $person): void
    {
        $people = array_slice(array_unique([(string) $person->id, ...$this->people]), 0, self::MOST_PEOPLE);
        Cookie::queue(Cookie::forever(self::COOKIE, implode('.', array_filter([$this->name, ...$people]))));
    }
}
