<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

use function array_slice;
use function count;

/** Where lines drawn in one picture cross each other. */
final class Crossings
{
    /** Two points nearer than this are one, in units of the picture. */
    private const ONE_POINT = 16.0;

    /**
     * @param  list<list<Point>>  $lines each from point to point
     * @return list<Point> where two different ones cross; touching ends do not count
     */
    public static function of(array $lines): array
    {
        $found = [];
        for ($i = 0; $i < count($lines); $i++) {
            foreach (array_slice($lines, $i + 1) as $other) {
                foreach (self::between($lines[$i], $other) as $point) {
                    $isNew = array_filter($found, fn (Point $one) => $one->distanceTo($point) < self::ONE_POINT) === [];
                    $isNew && $found[] = $point;
                }
            }
        }

        return $found;
    }

    /**
     * @param  list<Point>  $one
     * @param  list<Point>  $other
     * @return list<Point>
     */
    private static function between(array $one, array $other): array
    {
        $points = [];
        for ($i = 1; $i < count($one); $i++) {
            for ($j = 1; $j < count($other); $j++) {
                $point = self::point($one[$i - 1], $one[$i], $other[$j - 1], $other[$j]);
                $point === null || $points[] = $point;
            }
        }

        return $points;
    }

    private static function point(Point $a, Point $b, Point $c, Point $d): ?Point
    {
        $across = ($b->x - $a->x) * ($d->y - $c->y) - ($b->y - $a->y) * ($d->x - $c->x);
        if (abs($across) < 1e-9) {
            return null;
        }
        $along = (($c->x - $a->x) * ($d->y - $c->y) - ($c->y - $a->y) * ($d->x - $c->x)) / $across;
        $other = (($c->x - $a->x) * ($b->y - $a->y) - ($c->y - $a->y) * ($b->x - $a->x)) / $across;

        return min($along, $other) > 1e-6 && max($along, $other) < 1 - 1e-6 ? $a->towards($b, $along) : null;
    }
}
