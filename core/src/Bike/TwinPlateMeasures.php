<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Bike;

use NeatSpindle\Core\Measure\Measurement;

/** What is measured on the bike for a twin-plate motor. In mm. */
final readonly class TwinPlateMeasures
{
    public function __construct(
        public Measurement $ringToPlate,
        public Measurement $pinionToFace,
        public Measurement $crankGap,
    ) {}
}
