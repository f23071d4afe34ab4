<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Drawer;

use NeatSpindle\Core\Ground\Measure\Tolerance;

use function in_array;

/** So many spacers of one thickness, lying together in the drawer. */
final readonly class SpacerRow
{
    /** A spacer is thicker than nothing and at most so thick, in mm. */
    public const THICKEST_MM = 200.0;

    /**
     * @param  int  $hundredths thickness in hundredths of a millimetre
     * @param  list<SpacerUse>  $uses
     */
    public function __construct(
        public int $hundredths,
        public int $quantity,
        public array $uses,
    ) {}

    /** Thicknesses are counted in whole hundredths of a millimetre. */
    public static function isWhole(float $mm): bool
    {
        return abs($mm * 100 - round($mm * 100)) <= 100 * Tolerance::EPSILON;
    }

    public static function hundredths(float $mm): int
    {
        return (int) round($mm * 100);
    }

    public function serves(SpacerUse $use): bool
    {
        return in_array($use, $this->uses, true);
    }

    public function withLess(int $pieces): self
    {
        return $pieces === 0 ? $this : new self($this->hundredths, $this->quantity - $pieces, $this->uses);
    }
}
