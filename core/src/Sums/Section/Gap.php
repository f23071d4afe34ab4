<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Section;

use NeatSpindle\Core\Sums\Margin\Margin;

/** A margin where it is: between two places along the axis, at a height. In mm. */
final readonly class Gap
{
    private function __construct(
        public Margin $margin,
        public float $x0,
        public float $x1,
        public float $height,
    ) {}

    /** @param  float  $from where the margin's two sums begin, counted towards the left side */
    public static function leftwards(Margin $margin, float $from, float $height): self
    {
        return new self($margin, $from - $margin->to->value, $from - $margin->from->value, $height);
    }

    /** @param  float  $from where the margin's two sums begin, counted towards the drive side */
    public static function outwards(Margin $margin, float $from, float $height): self
    {
        return new self($margin, $from + $margin->from->value, $from + $margin->to->value, $height);
    }
}
