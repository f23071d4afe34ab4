<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

use function count;

/** Threaded inserts for a rail: two, on a long one three, as far apart as it allows. In mm from the rail's front hole. */
final readonly class InsertRow
{
    /** A rail this long or longer gets a third one. Ours; nobody has a figure for it. */
    private const LONG_RAIL = 250.0;

    /** @param  non-empty-list<float>  $at */
    private function __construct(public array $at) {}

    /** @param  float  $rail between the outermost holes it may be fixed by */
    public static function along(float $rail): self
    {
        return new self($rail >= self::LONG_RAIL ? [0.0, $rail / 2, $rail] : [0.0, $rail]);
    }

    public function count(): int
    {
        return count($this->at);
    }

    public function words(): string
    {
        return sprintf('%d inserts, %s mm apart', $this->count(), rtrim(rtrim(sprintf('%.1f', $this->at[1]), '0'), '.'));
    }
}
