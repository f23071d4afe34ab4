<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Measure;

/** Comparison of computed figures: two that differ by no more than 1e-9 are the same figure. */
final class Tolerance
{
    public const EPSILON = 1e-9;

    public static function atLeast(float $value, float $limit): bool
    {
        return $value >= $limit - self::EPSILON;
    }

    public static function atMost(float $value, float $limit): bool
    {
        return $value <= $limit + self::EPSILON;
    }

    public static function above(float $value, float $limit): bool
    {
        return $value > $limit + self::EPSILON;
    }

    public static function below(float $value, float $limit): bool
    {
        return $value < $limit - self::EPSILON;
    }
}
