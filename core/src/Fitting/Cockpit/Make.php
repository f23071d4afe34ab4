<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Cockpit;

/** How something on the bar is made, as far as it matters for what goes beside it. */
enum Make: string
{
    case Plain = 'plain';
    case Hydraulic = 'hydraulic';
    case OwnSwitch = 'own-switch';
    case Odd = 'odd';
    case Thumb = 'thumb';
    case Twist = 'twist';
    case Finger = 'finger';

    public function label(): string
    {
        return match ($this) {
            self::Plain => 'plain',
            self::Hydraulic => 'hydraulic',
            self::OwnSwitch => 'with a switch of its own',
            self::Odd => 'of an odd shape',
            self::Thumb => 'worked by the thumb',
            self::Twist => 'twisted',
            self::Finger => 'worked by a finger',
        };
    }
}
