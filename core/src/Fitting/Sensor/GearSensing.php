<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Sensor;

/** Whether the motor is told of a shift. */
enum GearSensing: string
{
    case Fitted = 'fitted';
    case LeftOff = 'left-off';

    public function label(): string
    {
        return match ($this) {
            self::Fitted => 'A sensor in the gear cable',
            self::LeftOff => 'Left off',
        };
    }

    /** What we would do, and why. */
    public static function advice(bool $hasHubGear): string
    {
        return $hasHubGear
            ? 'Strongly: a hub gear shifted under a motor’s torque breaks its pawls.'
            : 'With a derailleur fit it: chain and cogs last longer. It goes on while the cable is off anyway.';
    }
}
