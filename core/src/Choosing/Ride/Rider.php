<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Ride;

use NeatSpindle\Core\Choosing\Hill\Load;

/** How a road is ridden: the load, how much of the motor is asked for, where it stops, what the battery holds. */
final readonly class Rider
{
    /**
     * @param  float  $assist share of the motor's continuous power that is asked for, 0 to 1
     * @param  ?float  $cutOff where the motor stops helping, in m/s; null when it does not
     * @param  float  $batteryWh what the battery gives
     * @param  float  $fastest what the rider lets it run downhill, in m/s
     */
    public function __construct(
        public Load $load,
        public float $assist = 1.0,
        public ?float $cutOff = null,
        public float $batteryWh = 500.0,
        public float $fastest = 12.0,
    ) {}
}
