<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

use NeatSpindle\Core\Ground\Measure\Measurement;

use function count;

/** Whether a new reading is so far from those that stand that the person should look again. */
final class Outlier
{
    /** How many doubts of the standing readings a new one may be off. */
    private const DOUBTS = 5.0;

    /** And how many of the instrument's where only one stands, which may itself be off. Ours. */
    private const DOUBTS_OF_ONE = 15.0;

    /**
     * How far the new reading is from the median of the standing ones, in mm, when that is further than five
     * times their doubt, or from a single one than fifteen times the instrument's; null when it is not, or when none stands.
     *
     * @param  list<float>  $standing
     * @param  float  $instrument  the instrument's doubt in mm
     */
    public static function distance(array $standing, float $new, float $instrument): ?float
    {
        if ($standing === []) {
            return null;
        }
        $soFar = Measurement::fromReadings($standing, $instrument);
        $distance = abs($new - $soFar->value);

        $doubts = count($standing) === 1 ? self::DOUBTS_OF_ONE : self::DOUBTS;

        return $distance > $doubts * $soFar->plusMinus ? $distance : null;
    }
}
