<?php

declare(strict_types=1);

namespace App\Planning;

/** Why somebody should look at a bike. */
enum Notice: string
{
    case Promise = 'promise';
    case Delivery = 'delivery';
    case OtherHands = 'elsewhere';
    case Decision = 'decision';
    case Cured = 'cured';
    case Recheck = 'recheck';

    public function label(): string
    {
        return match ($this) {
            self::Promise => 'Promises that will not hold',
            self::Delivery => 'Deliveries that are late',
            self::OtherHands => 'Due back from other hands',
            self::Decision => 'Decisions that wait',
            self::Cured => 'Cured by now',
            self::Recheck => 'Re-checks that are due',
        };
    }
}
