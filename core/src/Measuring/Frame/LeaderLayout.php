<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

use function count;
use function in_array;

/**
 * Gives each point a place on a border so that no leader crosses another: of all ways to hand the places out the one
 * with the shortest leaders has no crossing, for two that cross are always longer than the same two swapped.
 */
final class LeaderLayout
{
    private const ROUNDS = 200;

    private const SHORTER = 1e-9;

    /**
     * @param  array<string, Point>  $points
     * @param  list<Point>  $places at least as many
     * @return array<string, Point> the place of each point
     */
    public static function of(array $points, array $places): array
    {
        $keys = array_keys($points);
        $taken = self::nearest($points, $places);
        for ($round = 0; $round < self::ROUNDS && self::improve($points, $places, $keys, $taken); $round++);

        return array_map(fn (int $place) => $places[$place], $taken);
    }

    /**
     * @param  array<string, Point>  $points
     * @param  list<Point>  $places
     * @return array<string, int>
     */
    private static function nearest(array $points, array $places): array
    {
        $taken = [];
        foreach ($points as $key => $point) {
            $best = null;
            foreach ($places as $i => $place) {
                if (! in_array($i, $taken, true) && ($best === null || $point->distanceTo($place) < $point->distanceTo($places[$best]))) {
                    $best = $i;
                }
            }
            $taken[$key] = (int) $best;
        }

        return $taken;
    }

    /**
     * One round of swaps and moves that shorten something.
     *
     * @param  array<string, Point>  $points
     * @param  list<Point>  $places
     * @param  list<string>  $keys
     * @param  array<string, int>  $taken
     */
    private static function improve(array $points, array $places, array $keys, array &$taken): bool
    {
        $isBetter = false;
        foreach ($keys as $n => $one) {
            foreach (array_diff(array_keys($places), $taken) as $free) {
                if ($points[$one]->distanceTo($places[$free]) < $points[$one]->distanceTo($places[$taken[$one]]) - self::SHORTER) {
                    $taken[$one] = $free;
                    $isBetter = true;
                }
            }
            for ($m = $n + 1; $m < count($keys); $m++) {
                $other = $keys[$m];
                $now = $points[$one]->distanceTo($places[$taken[$one]]) + $points[$other]->distanceTo($places[$taken[$other]]);
                $swapped = $points[$one]->distanceTo($places[$taken[$other]]) + $points[$other]->distanceTo($places[$taken[$one]]);
                if ($swapped < $now - self::SHORTER) {
                    [$taken[$one], $taken[$other]] = [$taken[$other], $taken[$one]];
                    $isBetter = true;
                }
            }
        }

        return $isBetter;
    }
}
