<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Sensor;

use NeatSpindle\Core\Fitting\Cockpit\Make;

/** How a brake lever tells the motor to stop. */
enum BrakeSensing: string
{
    case Lever = 'lever';
    case StickOn = 'stick-on';
    case InCable = 'in-cable';
    case NoLever = 'no-lever';
    case LeftOff = 'left-off';

    public function label(): string
    {
        return match ($this) {
            self::Lever => 'Lever with a switch of its own',
            self::StickOn => 'Magnet and switch stuck on the lever',
            self::InCable => 'Switch in the brake’s cable',
            self::NoLever => 'No brake lever on this side',
            self::LeftOff => 'Left off',
        };
    }

    /** What is laid and got for it; null where nothing. */
    public function part(): ?string
    {
        return match ($this) {
            self::Lever => 'Brake lever with its switch',
            self::StickOn => 'Stick-on brake sensor with its magnet',
            self::InCable => 'Brake sensor for the cable, with ferrules',
            self::NoLever, self::LeftOff => null,
        };
    }

    /** Why it does not go with such a lever; null when it does. */
    public function objection(?Make $lever): ?string
    {
        return match (true) {
            $lever === Make::Odd && $this === self::StickOn => 'A lever of an odd shape takes no sensor: another lever, or leave it off as a decision.',
            $lever?->hasHose() === true && $this === self::InCable => 'A hydraulic lever has no cable: the stick-on kind, or a lever with a switch.',
            default => null,
        };
    }

    public function isFitted(): bool
    {
        return $this->part() !== null;
    }
}
