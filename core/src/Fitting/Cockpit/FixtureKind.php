<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Cockpit;

use NeatSpindle\Core\Fitting\Route\RunRole;

/** What is clamped on a bar, in the order in which it mostly stands from the grip in. */
enum FixtureKind: string
{
    case Grip = 'grip';
    case BrakeLever = 'brake-lever';
    case Throttle = 'throttle';
    case Shifter = 'shifter';
    case Keypad = 'keypad';
    case Display = 'display';
    case Other = 'other';

    /** The run that goes from it, whichever side it sits on; null where none does, or one for each side. */
    public function run(): ?RunRole
    {
        return match ($this) {
            self::Throttle => RunRole::Throttle,
            self::Keypad => RunRole::Keypad,
            self::Display => RunRole::MainHarness,
            self::Shifter => RunRole::GearCable,
            default => null,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Grip => 'Grip',
            self::BrakeLever => 'Brake lever',
            self::Throttle => 'Throttle',
            self::Shifter => 'Shifter',
            self::Keypad => 'Keypad',
            self::Display => 'Display',
            self::Other => 'Bell, lamp or mirror',
        };
    }

    /** How much of the bar one usually takes, in mm: what is offered until the part at hand is measured. Ours. */
    public function usualWidth(): float
    {
        return match ($this) {
            self::Grip => 125.0,
            self::BrakeLever => 16.0,
            self::Throttle, self::Keypad => 22.0,
            self::Shifter => 18.0,
            self::Display => 26.0,
            self::Other => 14.0,
        };
    }

    /** Whether every bar has one already: a new one takes the place of it. */
    public function isReplaced(): bool
    {
        return $this === self::Grip || $this === self::BrakeLever || $this === self::Shifter;
    }

    /** Where it mostly stands, counted from the grip in. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** @return non-empty-list<Make> what it may be made like, the usual first */
    public function makes(): array
    {
        return match ($this) {
            self::BrakeLever => [Make::Plain, Make::Hydraulic, Make::OwnSwitch, Make::HydraulicSwitch, Make::Odd],
            self::Throttle, self::Shifter => [Make::Thumb, Make::Twist, Make::Finger],
            default => [Make::Plain],
        };
    }
}
