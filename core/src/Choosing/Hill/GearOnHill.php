<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Hill;

use NeatSpindle\Core\Sums\Gearing\Gear;

/** One gear on one hill: crank speed in turns a minute, torque at the crank in N·m. */
final readonly class GearOnHill
{
    public function __construct(
        public Gear $gear,
        public float $crankRpm,
        public float $crankTorque,
        public Pull $verdict,
    ) {}
}
