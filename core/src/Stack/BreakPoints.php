<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

use NeatSpindle\Core\Measure\Measurement;

/**
 * Where, along the doubt of a reading, what a recipe asks for can change.
 *
 * A recipe asks in whole hundredths of a millimetre; its answers are the same between two of these points.
 * They come as shifts from -1 to 1, each point and the middle between each two neighbours.
 */
final class BreakPoints
{
    private const HUNDREDTHS = 100;

    /** A target that may be missed to either side is rounded at half a hundredth. */
    private const HALF_HUNDREDTHS = 200;

    /**
     * For demands that are the reading, or its opposite, plus something that stands.
     *
     * @param  list<float>  $offsets what stands, in mm
     * @return non-empty-list<float>
     */
    public static function of(Measurement $reading, array $offsets): array
    {
        return self::every($reading, $offsets, self::HUNDREDTHS);
    }

    /**
     * For such demands where the sum nearest to the target may lie to either side of it.
     *
     * @param  list<float>  $offsets what stands, in mm
     * @return non-empty-list<float>
     */
    public static function ofTwoSided(Measurement $reading, array $offsets): array
    {
        return self::every($reading, $offsets, self::HALF_HUNDREDTHS);
    }

    /**
     * @param  list<float>  $offsets
     * @return non-empty-list<float>
     */
    private static function every(Measurement $reading, array $offsets, int $perMm): array
    {
        if ($reading->plusMinus <= 0.0) {
            return [0.0];
        }
        $points = [-1.0, 1.0];
        foreach ($offsets as $offset) {
            $first = (int) ceil(($reading->lowest() + $offset) * $perMm);
            $last = (int) floor(($reading->highest() + $offset) * $perMm);
            for ($step = $first; $step <= $last; $step++) {
                $points[] = ($step / $perMm - $offset - $reading->value) / $reading->plusMinus;
            }
        }

        return self::withMiddles($points);
    }

    /**
     * For a demand that is the largest of some rising straight lines, and never below 0.
     *
     * @param  list<array{float, float}>  $lines value in the middle and slope, in mm
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
     * @param  list<float>  $points
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
