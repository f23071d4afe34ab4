<?php

declare(strict_types=1);

namespace App\Assembly;

use NeatSpindle\Core\Parts\Part\Ring as CatalogueRing;
use NeatSpindle\Core\Parts\Part\RingMounting;

/** A ring of the catalogue together with one way to put it on. */
readonly class MountedRing
{
    /** As the core knows it. */
    public CatalogueRing $part;

    public function __construct(public KnownRing $ring, public RingMounting $mounting)
    {
        $dish = $mounting->dish($ring->dish, $ring->thickness);
        $this->part = new CatalogueRing(
            $ring->mountedCode($mounting->words()), $ring->teeth, $dish, $ring->thickness, $ring->label($mounting),
        );
    }

    public function boltsTo(KnownMotor $motor): bool
    {
        return $this->mounting->boltsTo($motor->code, $motor->ringBoltCircle, $this->ring->boltCircle);
    }
}
