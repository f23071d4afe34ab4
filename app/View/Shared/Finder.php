<?php

declare(strict_types=1);

namespace App\View\Shared;

use function array_filter;
use function implode;
use function is_string;
use function mb_strtolower;
use function mb_substr;
use function str_contains;
use function trim;

/** Words that somebody looks for in a list. */
final readonly class Finder
{
    private const LONGEST = 80;

    public string $text;

    /** @param  mixed  $find  from the address */
    public function __construct(mixed $find)
    {
        $this->text = is_string($find) ? mb_substr(trim($find), 0, self::LONGEST) : '';
    }

    public function isLooking(): bool
    {
        return $this->text !== '';
    }

    /** Whether they stand in what an entry says of itself. */
    public function finds(?string ...$said): bool
    {
        return ! $this->isLooking() || str_contains(
            mb_strtolower(implode(' ', array_filter($said, is_string(...)))), mb_strtolower($this->text),
        );
    }
}
