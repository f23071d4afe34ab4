<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Margin;

use function abs;

/**
 * Where, along the doubt of a reading, what a recipe asks for can change.
 *
 * A recipe asks in whole hundredths of a millimetre; its answers are the same between two of these points.
 * They come as shifts from -1 to 1, each point and the middle between each two neighbours. What is asked for comes as
 * straight lines over the shift: the figure in the middle and how far it goes until the high end, in mm.
 */
final class BreakPoints
{
    private const HUNDREDTHS = 100;

    /** A target that may be missed to either side is rounded at half a hundredth. */
    private const HALF_HUNDREDTHS = 200;

    /**
     * @param  list<array{float, float}>  $lines
     * @return non-empty-list<float>
     */
    public static function of(array $lines): array
    {
        return self::every($lines, self::HUNDREDTHS);
    }

    /**
     * Where the sum nearest to the target may lie to either side of it.
     *
     * @param  list<array{float, float}>  $lines
     * @return non-empty-list<float>
     */
    public static function ofTwoSided(array $lines): array
    {
        return self::every($lines, self::HALF_HUNDREDTHS);
    }

    /**
     * For a demand that is the largest of some rising lines, and never below 0.
     *
     * @param  list<array{float, float}>  $lines
     * @return non-empty-list<float>
     */
    public static function ofLargest(array $lines): array
    {
        $rising = array_filter($lines, fn (array $line) => $line[1] > 0.0);
        if ($rising === []) {
            return [0.0];
        }
        $at = fn (float $shift) => max(0.0, ...array_map(fn (array $line) => $line[0] + $shift * $line[1], $lines));
        $points = [-1.0, 1.0];
        for ($step = (int) ceil($at(-1.0) * 100); $step <= $at(1.0) * 100; $step++) {
            $points[] = min(array_map(fn (array $line) => ($step / 100 - $line[0]) / $line[1], $rising));
        }

        return self::sorted(array_filter($points, fn (float $point) => $point >= -1.0 && $point <= 1.0));
    }

    /**
     * @param  list<array{float, float}>  $lines
     * @return non-empty-list<float>
     */
    private static function every(array $lines, int $perMm): array
    {
        $points = [];
        foreach ($lines as [$middle, $slope]) {
            if ($slope === 0.0) {
                continue;
            }
            array_push($points, -1.0, 1.0);
            $last = (int) floor(($middle + abs($slope)) * $perMm);
            for ($step = (int) ceil(($middle - abs($slope)) * $perMm); $step <= $last; $step++) {
                $points[] = ($step / $perMm - $middle) / $slope;
            }
        }

        return $points === [] ? [0.0] : self::withMiddles($points);
    }

    /**
     * @param  non-empty-list<float>  $points
     * @return non-empty-list<float>
     */
    private static function withMiddles(array $points): array
    {
        $points = self::sorted($points);
        $all = [$points[0]];
        foreach ($points as $i => $point) {
            if ($i > 0) {
                array_push($all, ($points[$i - 1] + $point) / 2, $point);
            }
        }

        return $all;
    }

    /**
     * @param  array<float>  $points
     * @return non-empty-list<float> rising, none twice
     */
    private static function sorted(array $points): array
    {
        sort($points);
        $sorted = [];
        foreach ($points as $point) {
            if ($sorted === [] || $point - $sorted[array_key_last($sorted)] > 1e-9) {
                $sorted[] = max(-1.0, min(1.0, $point));
            }
        }

        return $sorted === [] ? [0.0] : $sorted;
    }
}
