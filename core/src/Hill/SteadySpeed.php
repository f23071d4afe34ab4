<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Hill;

/** The speed at which a power at the wheel is used up by what holds the bike back. */
final class SteadySpeed
{
    private const FASTEST = 60.0;

    private const MOST_STEPS = 100;

    private const CLOSE = 1e-13;

    /**
     * In m/s, at most 60; the speed of `power = speed × resistance`. Newton's step where it stays between what
     * is too slow and too fast, else the middle: it holds whatever the slope and wind.
     */
    public static function of(float $wheelW, float $slope, Load $load): float
    {
        [$low, $high, $speed] = [0.0, self::FASTEST, 6.0];
        for ($i = 0; $i < self::MOST_STEPS && $high - $low > self::CLOSE; $i++) {
            $resistance = $load->resistance($speed, $slope);
            $over = $speed * $resistance - $wheelW;
            $over < 0.0 ? $low = $speed : $high = $speed;
            $rise = $resistance + $speed * $load->resistanceRise($speed);
            $next = $rise > 0.0 ? $speed - $over / $rise : $low;
            $next = $next > $low && $next < $high ? $next : ($low + $high) / 2;
            if (abs($next - $speed) < self::CLOSE) {
                return $next;
            }
            $speed = $next;
        }

        return $speed;
    }
}
