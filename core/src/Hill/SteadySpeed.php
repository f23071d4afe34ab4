<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Hill;

/** The speed at which a power at the wheel is used up by what holds the bike back. */
final class SteadySpeed
{
    private const FASTEST = 60.0;

    private const HALVINGS = 80;

    /** In m/s, at most 60; the speed of `power = speed × resistance`. Halving, for it holds whatever the slope and wind. */
    public static function of(float $wheelW, float $slope, Load $load): float
    {
        $low = 0.0;
        $high = self::FASTEST;
        for ($i = 0; $i < self::HALVINGS && $high - $low > 1e-12; $i++) {
            $speed = ($low + $high) / 2;
            if ($speed * $load->resistance($speed, $slope) < $wheelW) {
                $low = $speed;
            } else {
                $high = $speed;
            }
        }

        return ($low + $high) / 2;
    }
}
