<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Section;

use NeatSpindle\Core\Stack\Margin;

/** A margin where it is: between two places along the axis, at a height. In mm. */
final readonly class Gap
{
    public function __construct(
        public Margin $margin,
        public float $x0,
        public float $x1,
        public float $height,
    ) {}
}
