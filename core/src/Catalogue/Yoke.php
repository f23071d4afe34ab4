<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Catalogue;

/** A motor whose body straddles the shell, with a cup from the left and a trapped yoke. All in mm. */
final readonly class Yoke
{
    public function __construct(
        public Body $body,
        public float $base,
        public float $slotStart,
        public float $slotEnd,
        public float $thickness,
        public float $cupReach,
        public float $cupMinEngagement,
        public float $bodyThreadEnd,
        public float $bodyThreadDepth,
        public float $collarThickness,
        public float $crankMarker,
    ) {}
}
