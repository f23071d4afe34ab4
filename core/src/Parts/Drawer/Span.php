<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Drawer;

/**
 * What a sum of spacers has to be: within [low, high], as near to the target as can be.
 *
 * Asked in mm, kept in whole hundredths of a millimetre: the low end rounded up, the high end rounded
 * down, the target to the nearest, each within a millionth.
 */
final readonly class Span
{
    private const ROUNDING = 1e-6;

    /** The thickest slack `snug` leaves in a gap, in mm. */
    private const SNUG_SLACK = 0.5;

    private function __construct(
        public int $low,
        public int $high,
        public int $target,
    ) {}

    public static function between(float $low, float $high, float $target): self
    {
        return new self(
            max(0, (int) ceil($low * 100 - self::ROUNDING)),
            (int) floor($high * 100 + self::ROUNDING),
            (int) floor($target * 100 + 0.5 + self::ROUNDING),
        );
    }

    /** At least `needed`, and no more than `allowance` above it; the nearer the better. */
    public static function atLeast(float $needed, float $allowance): self
    {
        return self::between($needed, $needed + $allowance, $needed);
    }

    /** Fills a gap, but never thicker than the gap can turn out to be. */
    public static function snug(float $gap, float $doubt): self
    {
        $high = max(0.0, $gap - $doubt);

        return self::between($high - self::SNUG_SLACK, $high, $high);
    }

    public function holds(int $sum): bool
    {
        return $sum >= $this->low && $sum <= $this->high;
    }

    public function distance(int $sum): int
    {
        return abs($sum - $this->target);
    }
}
