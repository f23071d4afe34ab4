<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

/** What a motor's line says about a check just now: do something first, right, or a miss. */
final readonly class Look
{
    private const DO = 'do';

    private const RIGHT = 'right';

    private const MISS = 'miss';

    /** @param  ?float  $figure what was read, in the check's unit; null where it has none */
    private function __construct(private string $comes, public string $says, public ?float $figure = null) {}

    /** Nothing can be said yet: this is done first. */
    public static function first(string $do): self
    {
        return new self(self::DO, $do);
    }

    public static function right(string $says, ?float $figure = null): self
    {
        return new self(self::RIGHT, $says, $figure);
    }

    public static function miss(string $says, ?float $figure = null): self
    {
        return new self(self::MISS, $says, $figure);
    }

    public function isRight(): bool
    {
        return $this->comes === self::RIGHT;
    }

    public function isMiss(): bool
    {
        return $this->comes === self::MISS;
    }
}
