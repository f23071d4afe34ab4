<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

use NeatSpindle\Core\Ground\Measure\Measurement;

/** How far cogs mostly stand apart, by how many there are: told from their count and the hub's width, until somebody measures it. In mm. */
final class CogSpacing
{
    private const BY_COGS = [5 => 5.5, 6 => 5.5, 7 => 5.0, 8 => 4.8, 9 => 4.34, 10 => 3.95, 11 => 3.85, 12 => 3.65, 13 => 3.6];

    /** A hub that carries a cassette is so wide; on another, nothing is told. */
    private const HUB = [115.0, 205.0];

    /** Null where cogs are too few to stand in a cassette, or the hub is not one for it. */
    public static function usual(int $cogs, ?Measurement $overLocknuts): ?float
    {
        $isUsual = $overLocknuts !== null && $overLocknuts->value >= self::HUB[0] && $overLocknuts->value <= self::HUB[1];

        return $isUsual ? self::BY_COGS[$cogs] ?? null : null;
    }
}
