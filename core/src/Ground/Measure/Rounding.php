<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Measure;

/** The only place where a printed figure loses precision. */
final class Rounding
{
    /**
     * Rounds half away from zero, as the worksheet contract defines it:
     * `sign(x) × floor(|x| × 10^p + 0.5 + 1e-9) / 10^p`, never -0.
     */
    public static function halfAway(float $value, int $places = 2): float
    {
        $scale = 10 ** $places;
        $magnitude = floor(abs($value) * $scale + 0.5 + 1e-9) / $scale;

        return $value < 0.0 && $magnitude > 0.0 ? -$magnitude : $magnitude;
    }
}
