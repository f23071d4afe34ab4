<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Sensor;

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Ground\Measure\Tolerance;

/** How a maker wants the speed sensor set: the gap from its face to the magnet's marked face, in mm, and its side of the stay. */
final readonly class SpeedSensor
{
    public function __construct(public float $least, public float $most, public StayFace $face) {}

    /** Why a gap will not do, in words; null when it will. The figure as measured counts; its doubt is said. */
    public function objection(Measurement $gap): ?string
    {
        return match (true) {
            Tolerance::below($gap->value, $this->least) => "{$gap->value} mm is nearer than the {$this->least} mm its maker allows: the magnet may touch it.",
            Tolerance::above($gap->value, $this->most) => "{$gap->value} mm is further than the {$this->most} mm its maker allows: it would miss turns of the wheel.",
            default => null,
        };
    }

    public function band(): string
    {
        return "{$this->least} to {$this->most} mm";
    }
}
