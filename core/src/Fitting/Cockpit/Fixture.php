<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Cockpit;

/** One thing on one side of the bar: how wide, in mm, how it is made, and whether it is still to be put on. */
final readonly class Fixture
{
    public function __construct(
        public FixtureKind $kind,
        public BarSide $side,
        public float $width,
        public Make $make = Make::Plain,
        public bool $isNew = false,
    ) {}
}
