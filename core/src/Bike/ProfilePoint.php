<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Bike;

use NeatSpindle\Core\Measure\Measurement;

/** How far the chainstay's outer side stands outboard of the shell's drive face, at a radius from the axis. In mm. */
final readonly class ProfilePoint
{
    public function __construct(public float $radius, public Measurement $outboard) {}
}
