<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Cockpit;

use NeatSpindle\Core\Fitting\Route\RunRole;

/** One thing on one side of the bar: how wide, in mm, how it is made, whether it is still to be put on, or gone for a new one. */
final readonly class Fixture
{
    public function __construct(
        public FixtureKind $kind,
        public BarSide $side,
        public float $width,
        public Make $make = Make::Plain,
        public bool $isNew = false,
        public bool $isOld = false,
    ) {}

    /** What it takes the place of; null where it is no new one, or nothing was there. */
    public function replaces(): ?self
    {
        return $this->isNew && $this->kind->isReplaced() ? new self($this->kind, $this->side, $this->width, isOld: true) : null;
    }

    /** The same lever with a switch inside, new where the one that is there has none. */
    public function withSwitch(): self
    {
        return $this->make->hasSwitch() ? $this : new self($this->kind, $this->side, $this->width, $this->make->withSwitch(), isNew: true);
    }

    public function name(): string
    {
        $which = match (true) {
            $this->isOld => 'old ',
            $this->replaces() !== null => 'new ',
            default => '',
        };

        return $which.lcfirst($this->kind->label());
    }

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
