<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Catalogue;

/** A motor hung beside the shell between two plates, driving by a first chain. In mm. */
final readonly class TwinPlate
{
    public function __construct(
        public float $plateThickness,
        public float $motorWidth,
        public float $minInsertion,
        public float $minBoltTurns,
    ) {}
}
