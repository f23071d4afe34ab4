<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Ground\House\HouseRules;

/** What a build depends on beside the sums. */
final readonly class Circumstances
{
    public function __construct(
        public Found $found = new Found,
        public Fastenings $fastening = new Fastenings,
        public Wiring $wiring = new Wiring,
    ) {}

    /** The same in a house with other rules. */
    public function inHouse(HouseRules $house): self
    {
        return new self($this->found, $this->fastening->inHouse($house), $this->wiring);
    }
}
