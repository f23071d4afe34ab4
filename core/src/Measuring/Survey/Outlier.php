<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

use NeatSpindle\Core\Ground\Measure\Measurement;

use function count;

/** Whether a new reading is so far from those that stand that the person should look again. */
final class Outlier
{
    /** So many readings must stand before one can be out of line. */
    private const LEAST_STANDING = 2;

    /** How many doubts of the standing readings a new one may be off. */
    private const DOUBTS = 5.0;

    /**
     * How far the new reading is from the median of the standing ones, in mm, when that is further than five
     * times their doubt; null when it is not, or when too few stand.
     *
     * @param  list<float>  $standing
     * @param  float  $instrument  the instrument's doubt in mm
     */
    public static function distance(array $standing, float $new, float $instrument): ?float
    {
        if (count($standing) < self::LEAST_STANDING) {
            return null;
        }
        $soFar = Measurement::fromReadings($standing, $instrument);
        $distance = abs($new - $soFar->value);

        return $distance > self::DOUBTS * $soFar->plusMinus ? $distance : null;
    }
}
