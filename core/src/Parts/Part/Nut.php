<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Part;

use NeatSpindle\Core\Ground\Measure\TorqueBand;

/** The nut that pulls a sleeve motor against the shell. In mm. */
final readonly class Nut
{
    public function __construct(
        public float $thickness,
        public float $minEngagement,
        public TorqueBand $torque,
        public float $threadMajor,
    ) {}
}
