<?php

declare(strict_types=1);

namespace App\Models;

/** What a job waits for. */
enum WaitsFor: string
{
    case Measurement = 'measurement';
    case Decision = 'decision';
    case Parts = 'parts';
    case OtherHands = 'elsewhere';
    case Hands = 'hands';
    case Ride = 'ride';
    case ComingBack = 'back';

    public function label(): string
    {
        return match ($this) {
            self::Measurement => 'a measurement',
            self::Decision => 'a decision',
            self::Parts => 'parts',
            self::OtherHands => 'what is in other hands',
            self::Hands => 'hands',
            self::Ride => 'a ride',
            self::ComingBack => 'its re-check',
        };
    }
}
