<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Cockpit;

/** How something on the bar is made, as far as it matters for what goes beside it. */
enum Make: string
{
    case Plain = 'plain';
    case Hydraulic = 'hydraulic';
    case OwnSwitch = 'own-switch';
    case HydraulicSwitch = 'hydraulic-switch';
    case Odd = 'odd';
    case Thumb = 'thumb';
    case Twist = 'twist';
    case Finger = 'finger';

    /** Whether a hose goes from it, which is opened and bled by those who may. */
    public function hasHose(): bool
    {
        return $this === self::Hydraulic || $this === self::HydraulicSwitch;
    }

    /** Whether what tells the motor of the brake is inside it. */
    public function hasSwitch(): bool
    {
        return $this === self::OwnSwitch || $this === self::HydraulicSwitch;
    }

    /** The same with a switch inside. */
    public function withSwitch(): self
    {
        return $this->hasHose() ? self::HydraulicSwitch : self::OwnSwitch;
    }

    public function label(): string
    {
        return match ($this) {
            self::Plain => 'plain',
            self::Hydraulic => 'hydraulic',
            self::OwnSwitch => 'with a switch of its own',
            self::HydraulicSwitch => 'hydraulic, with a switch of its own',
            self::Odd => 'of an odd shape',
            self::Thumb => 'by thumb',
            self::Twist => 'twist',
            self::Finger => 'by finger',
        };
    }
}
