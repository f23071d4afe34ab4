<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Donor\Bike;

/** What slows a wheel. */
enum BrakeKind: string
{
    case Rim = 'rim';
    case DiscCable = 'disc-cable';
    case DiscHydraulic = 'disc-hydraulic';
    case Drum = 'drum';
    case Coaster = 'coaster';
    case None = 'none';

    public function label(): string
    {
        return match ($this) {
            self::Rim => 'Rim brake',
            self::DiscCable => 'Disc, pulled by a cable',
            self::DiscHydraulic => 'Disc, hydraulic',
            self::Drum => 'Drum in the hub',
            self::Coaster => 'Coaster: back-pedalling',
            self::None => 'No brake there',
        };
    }

    public function hasRotor(): bool
    {
        return $this === self::DiscCable || $this === self::DiscHydraulic;
    }
}
