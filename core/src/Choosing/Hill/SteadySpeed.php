<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Hill;

/** The speed at which a power at the wheel is used up by what holds the bike back. */
use function abs;
use function max;

final class SteadySpeed
{
    /** Where nothing holds a bike back there is no steady speed: the search stops here, in m/s. */
    public const NO_END = 1e12;

    private const MOST_STEPS = 200;

    private const CLOSE = 1e-13;

    /**
     * In m/s; the speed of `power = speed × resistance`, at most `NO_END`. Newton's step where it stays between
     * what is too slow and too fast, else the middle: it holds whatever the slope and wind.
     */
    public static function of(float $wheelW, float $slope, Load $load): float
    {
        $drag = $load->drag($slope);
        [$low, $high] = self::bracket($wheelW, $drag, $load);
        for ($i = 0, $speed = ($low + $high) / 2; $i < self::MOST_STEPS && $high - $low > self::CLOSE * max(1.0, $high); $i++) {
            $resistance = $drag + $load->air($speed);
            $over = $speed * $resistance - $wheelW;
            $over < 0.0 ? $low = $speed : $high = $speed;
            $rise = $resistance + $speed * $load->resistanceRise($speed);
            $next = $rise > 0.0 ? $speed - $over / $rise : $low;
            if ($rise > 0.0 && abs($next - $speed) < self::CLOSE * max(1.0, $speed)) {
                return $next;
            }
            $speed = $next > $low && $next < $high ? $next : ($low + $high) / 2;
        }

        return $speed;
    }

    /** @return array{float, float} a speed that is too slow and one that is not, in m/s */
    private static function bracket(float $wheelW, float $drag, Load $load): array
    {
        [$low, $high] = [0.0, 8.0];
        while ($high < self::NO_END && $high * ($drag + $load->air($high)) < $wheelW) {
            [$low, $high] = [$high, 2 * $high];
        }

        return [$low, $high];
    }
}
