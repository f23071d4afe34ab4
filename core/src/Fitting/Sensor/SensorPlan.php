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
     * @param  ?SpeedSite  $site where its sensor sits; null where nobody has said
     */
    public function __construct(
        public BrakeCut $brakes, public bool $hasGearSensor, public ?SpeedSensor $speed, public ?Measurement $gap,
        public ?SpeedSite $site = null,
    ) {}

    /** Where the speed sensor goes, in words. */
    public function where(): string
    {
        $face = $this->speed === null ? 'on the side its maker names' : "on its {$this->speed->face->value}";

        return match (true) {
            $this->site === null => ucfirst($this->speed?->face->label() ?? 'on the side of the chainstay its maker names').'.',
            $this->site->isOnAStay() => "{$this->site->label()}, {$face}.",
            default => "{$this->site->label()}.",
        };
    }

    /** Why the speed sensor is not set yet, in words; null once its gap is measured and what its maker allows. */
    public function gapObjection(): ?string
    {
        return $this->gap === null
            ? 'The gap from sensor to magnet is measured first: Route, under Sensors.'
            : $this->speed?->objection($this->gap);
    }
}
