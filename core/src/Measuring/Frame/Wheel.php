<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

/** A wheel in the side view. In mm. */
final readonly class Wheel
{
    /** @param  bool  $isBeyond  stands behind another wheel, on the bike's far side */
    public function __construct(
        public Point $axle,
        public float $radius,
        public float $tyre = 44.0,
        public bool $isBeyond = false,
    ) {}

    public function rim(): float
    {
        return $this->radius - $this->tyre / 2;
    }
}
