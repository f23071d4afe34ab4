<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Sensor;

use NeatSpindle\Core\Ground\Measure\Measurement;

/** What tells the motor of brakes, gears and speed on one bike. */
final readonly class SensorPlan
{
    /**
     * @param  bool  $hasGearSensor whether one goes into the gear cable
     * @param  ?SpeedSensor  $speed how the motor's maker wants its sensor set; null where the catalogue does not say
     * @param  ?Measurement  $gap from sensor to magnet; null while it is not measured
     */
    public function __construct(
        public BrakeCut $brakes, public bool $hasGearSensor, public ?SpeedSensor $speed, public ?Measurement $gap,
    ) {}

    /** Why the speed sensor is not set yet, in words; null once its gap is measured and what its maker allows. */
    public function gapObjection(): ?string
    {
        return $this->gap === null
            ? 'The gap from sensor to magnet is measured first: Route, under Sensors.'
            : $this->speed?->objection($this->gap);
    }
}
