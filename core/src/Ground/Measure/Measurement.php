<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Measure;

use function count;

/**
 * A measured figure with its doubt, in whatever unit the field carries (lengths: mm).
 *
 * The doubt (± plusMinus) is half the width of the interval the true figure is believed to lie in.
 */
final readonly class Measurement
{
    /**
     * @param  list<float>  $readings the readings behind the figure; empty when it came as one figure
     * @param  float  $instrument the doubt of what they were taken with
     */
    private function __construct(
        public float $value,
        public float $plusMinus,
        public array $readings = [],
        public float $instrument = 0.0,
    ) {}

    public static function exactly(float $value): self
    {
        return new self($value, 0.0);
    }

    public static function within(float $value, float $plusMinus): self
    {
        return new self($value, $plusMinus);
    }

    /**
     * The median of the readings; its doubt is the larger of the instrument's and half their range.
     *
     * @param  non-empty-list<float>  $readings
     */
    public static function fromReadings(array $readings, float $instrument = 0.0): self
    {
        $sorted = $readings;
        sort($sorted);
        $last = count($sorted) - 1;
        $median = ($sorted[intdiv($last, 2)] + $sorted[intdiv($last + 1, 2)]) / 2;

        return new self($median, max($instrument, ($sorted[$last] - $sorted[0]) / 2), $readings, $instrument);
    }

    /** The figure as it would be if it lay exactly so far along its doubt: -1 at the low end, 0 in the middle, 1 at the high end. */
    public function settled(float $shift): self
    {
        return self::exactly($this->value + $shift * $this->plusMinus);
    }

    public function lowest(): float
    {
        return $this->value - $this->plusMinus;
    }

    public function highest(): float
    {
        return $this->value + $this->plusMinus;
    }
}
