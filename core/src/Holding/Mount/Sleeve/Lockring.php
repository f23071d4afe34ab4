<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Sleeve;

use NeatSpindle\Core\Ground\Measure\TorqueBand;

/** The thin ring that locks the nut. In mm. */
final readonly class Lockring
{
    public function __construct(
        public float $thickness,
        public float $minEngagement,
        public TorqueBand $torque,
    ) {}
}
