<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Motor;
use App\Models\Ring;
use NeatSpindle\Core\Part\Ring as CatalogueRing;
use NeatSpindle\Core\Part\RingMounting;

/** A ring of the catalogue together with one way to put it on. */
readonly class MountedRing
{
    public function __construct(public Ring $ring, public RingMounting $mounting) {}

    public function code(): string
    {
        return $this->ring->mountedCode($this->mounting->words());
    }

    public function boltsTo(Motor $motor): bool
    {
        return $this->mounting->boltsTo($motor->code, $motor->ringBoltCircle(), $this->ring->boltCircle());
    }

    /** How far the teeth sit inboard of the motor's ring face, in mm. */
    public function dish(): float
    {
        return $this->mounting->dish($this->ring->dish_mm, $this->ring->thickness_mm);
    }

    public function inCatalogue(): CatalogueRing
    {
        return new CatalogueRing($this->code(), $this->ring->teeth, $this->dish(), $this->ring->thickness_mm);
    }
}
