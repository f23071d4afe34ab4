<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\TwinPlate;

use NeatSpindle\Core\Holding\Mount\Arrangement;

/** Where the parts of a solved twin-plate stack end up. In mm. */
final readonly class TwinPlateArrangement implements Arrangement
{
    /** @param  float  $alignment how far the pinion stands from the ring's plane, positive outboard */
    public function __construct(public float $alignment) {}

    public function ringOutboard(): null
    {
        return null;
    }

    public function isComplete(): bool
    {
        return true;
    }

    public function figures(): array
    {
        return [];
    }
}
