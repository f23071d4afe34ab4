<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Donor\Bike;

use NeatSpindle\Core\Donor\Shell\Shell;

/** The donor as measured. Lengths in mm. */
final readonly class Bike
{
    /** @param  float  $minClearance what must stay free between chainstay and what turns beside it */
    public function __construct(
        public BikeKind $kind,
        public FrameMaterial $material,
        public Shell $shell,
        public Chainstay $chainstay,
        public RearEnd $rear,
        public float $wheelCircumference,
        public float $minClearance = 2.0,
        public ?TwinPlateMeasures $twinPlate = null,
    ) {}

    /** This bike as it would be if every doubtful reading were settled. */
    public function settled(Scenario $scenario): self
    {
        return new self(
            $this->kind,
            $this->material,
            $this->shell->settled($scenario->width, $scenario->bore, $scenario->guide),
            $this->chainstay->settled($scenario->chainstay),
            $this->rear,
            $this->wheelCircumference,
            $this->minClearance,
            $this->twinPlate?->settled($scenario),
        );
    }
}
