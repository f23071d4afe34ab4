<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Donor\Bike;

use NeatSpindle\Core\Ground\Measure\Measurement;

/** What is measured on the bike for a twin-plate motor. In mm. */
final readonly class TwinPlateMeasures
{
    public function __construct(
        public Measurement $ringToPlate,
        public Measurement $pinionToFace,
        public Measurement $crankGap,
    ) {}

    /** A pinion that stands further out and a ring that stands further in shift the first chain alike. */
    public function settled(Scenario $scenario): self
    {
        return new self(
            $this->ringToPlate->settled(Doubtful::RING_AGAINST_PINION * $scenario->firstChain),
            $this->pinionToFace->settled($scenario->firstChain),
            $this->crankGap->settled($scenario->crankGap),
        );
    }
}
