<?php

declare(strict_types=1);

namespace App\View\Calendar;

use NeatSpindle\Core\Whole\Schedule\WallClock;

use function round;

/** How long something takes, in words. */
final class Spans
{
    public static function words(int $minutes): string
    {
        return match (true) {
            $minutes >= 2 * WallClock::DAY => round($minutes / WallClock::DAY, 1).' days',
            $minutes >= 120 => round($minutes / 60, 1).' h',
            default => "{$minutes} min",
        };
    }
}
