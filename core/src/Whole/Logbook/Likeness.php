<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Logbook;

/**
 * How like two frames are, from 0 to 1, for what matters when a motor is fitted: their kind, the shell, the stay's
 * profile, the rear end. The scales are ours: so far apart two frames have nothing in common in that measure.
 */
final class Likeness
{
    private const KIND_WEIGHS = 3.0;

    /** How far apart, in mm, and what it weighs, by the spot's code. */
    private const SCALES = [
        'shell_width' => [15.0, 3.0], 'shell_bore' => [8.0, 2.0], 'stay_45' => [15.0, 1.0], 'stay_64' => [15.0, 1.0], 'stay_80' => [15.0, 1.0], 'stay_112' => [20.0, 1.0],
        'over_locknuts' => [40.0, 1.0], 'chainstay_length' => [200.0, 1.0], 'guide_depth' => [6.0, 0.5],
    ];

    /** What only one of the two has been measured for tells neither for nor against. */
    private const HALF_KNOWN = 0.5;

    /** @return list<string> codes of the spots it weighs */
    public static function spots(): array
    {
        return array_keys(self::SCALES);
    }

    public static function between(FramePrint $one, FramePrint $other): float
    {
        [$like, $weight] = [$one->kind === $other->kind ? self::KIND_WEIGHS : 0.0, self::KIND_WEIGHS];
        foreach (self::SCALES as $spot => [$scale, $weighs]) {
            [$a, $b] = [$one->measures[$spot] ?? null, $other->measures[$spot] ?? null];
            if ($a !== null || $b !== null) {
                $like += $weighs * ($a === null || $b === null ? self::HALF_KNOWN : max(0.0, 1.0 - abs($a - $b) / $scale));
                $weight += $weighs;
            }
        }

        return $like / $weight;
    }
}
