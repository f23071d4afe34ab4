<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Ride;

use NeatSpindle\Core\Choosing\Hill\Pull;
use NeatSpindle\Core\Sums\Gearing\Gear;

/** One stretch of a road as it was ridden. */
final readonly class Stretch
{
    /**
     * @param  float  $from along the road, in m
     * @param  float  $slope rise over run
     * @param  float  $speed in m/s
     * @param  ?Gear  $gear null while walking or rolling
     * @param  float  $crankRpm 0 while walking or rolling
     * @param  float  $motorW what the motor gives at the crank
     * @param  float  $usedWh out of the battery since the start
     */
    public function __construct(
        public float $from,
        public float $length,
        public float $slope,
        public float $speed,
        public ?Gear $gear,
        public float $crankRpm,
        public float $motorW,
        public ?Pull $pull,
        public float $usedWh,
        public bool $isWalked,
    ) {}
}
