<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

use function count;

/**
 * How well one instrument in one person's hands comes back to the same figure, from what was read several times.
 *
 * The spreads of all spots are pooled: s² = Σ (nᵢ − 1) sᵢ² / Σ (nᵢ − 1), the usual estimate of a spread that is the same
 * everywhere. Where a shell is not round, its own unevenness is in it too.
 */
final readonly class Repeatability
{
    /** From so many readings beyond the first at each spot it may be offered. Ours. */
    public const ENOUGH = 12;

    /** How many spreads wide a doubt is: 95 in 100 readings lie within two. */
    private const SPREADS = 2.0;

    private function __construct(public int $readings, public int $spots, public int $beyondTheFirst, private float $squares) {}

    /** @param  list<list<float>>  $sets what was read at one spot, in mm, spot after spot; a single reading says nothing */
    public static function of(array $sets): self
    {
        $repeated = array_filter($sets, fn (array $set) => count($set) > 1);
        $readings = array_sum(array_map(count(...), $repeated));

        return new self($readings, count($repeated), $readings - count($repeated), array_sum(array_map(self::squares(...), $repeated)));
    }

    public function suffices(): bool
    {
        return $this->beyondTheFirst >= self::ENOUGH;
    }

    /** The pooled spread of one reading, in mm; null where nothing was read twice. */
    public function spread(): ?float
    {
        return $this->beyondTheFirst === 0 ? null : sqrt($this->squares / $this->beyondTheFirst);
    }

    /** The doubt of one reading, in mm; null while too little was read. */
    public function doubt(): ?float
    {
        return $this->suffices() ? self::SPREADS * (float) $this->spread() : null;
    }

    /**
     * The squares of all distances from the mean.
     *
     * @param  list<float>  $set
     */
    private static function squares(array $set): float
    {
        $mean = array_sum($set) / max(1, count($set));

        return array_sum(array_map(fn (float $reading) => ($reading - $mean) ** 2, $set));
    }
}
