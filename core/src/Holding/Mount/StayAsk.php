<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

/** What of the chainstay asks for the drive spacers a stack needs. In mm. */
final readonly class StayAsk
{
    /**
     * @param  float  $radius of the profile's point, from the axis
     * @param  float  $outboard of the stay's outer side there
     * @param  float  $spacers what it asks for
     * @param  bool  $isForTheRing whether it is the ring that has to pass there; else the reduction case
     */
    public function __construct(public float $radius, public float $outboard, public float $spacers, public bool $isForTheRing) {}
}
