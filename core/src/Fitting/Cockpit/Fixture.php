<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Cockpit;

use NeatSpindle\Core\Fitting\Route\RunRole;

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

    /** Where its lead begins; null where it has none of its own. */
    public function place(): ?string
    {
        return match ($this->kind) {
            FixtureKind::BrakeLever => "lever-{$this->side->value}",
            FixtureKind::Throttle, FixtureKind::Keypad, FixtureKind::Display => $this->kind->value,
            default => null,
        };
    }

    /** The run that goes from it; null where none does. */
    public function run(): ?RunRole
    {
        return $this->kind === FixtureKind::BrakeLever ? $this->side->brakeSensorRun() : $this->kind->run();
    }
}
