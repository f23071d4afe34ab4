<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Sensor;

/** Which side of the chainstay the speed sensor sits on. */
enum StayFace: string
{
    case Inside = 'inside';
    case Outside = 'outside';

    public function label(): string
    {
        return match ($this) {
            self::Inside => 'on the inside of the chainstay',
            self::Outside => 'on the outside of the chainstay',
        };
    }
}
