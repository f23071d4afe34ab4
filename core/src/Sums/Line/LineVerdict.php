<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Line;

use NeatSpindle\Core\Donor\Bike\RearEnd;
use NeatSpindle\Core\Ground\Measure\Tolerance;

/** How a chain runs to a cog. */
enum LineVerdict: string
{
    case Straight = 'straight';
    case Usable = 'usable';
    case Avoid = 'avoid';

    /** How a chain runs that is so far off, in mm, on a bike like this. */
    public static function ofOffset(RearEnd $rear, float $mm): self
    {
        return $rear->hasOneCog() ? self::ofSingleOffset($mm) : self::ofAngle(rad2deg(atan2(abs($mm), $rear->chainstayLength->value)));
    }

    /** Several cogs are judged by the angle in degrees. */
    public static function ofAngle(float $degrees): self
    {
        return self::upTo($degrees, 1.5, 3.0);
    }

    /** A single cog has one line and is judged by the offset in mm. */
    public static function ofSingleOffset(float $mm): self
    {
        return self::upTo(abs($mm), 1.5, 3.0);
    }

    private static function upTo(float $value, float $straight, float $usable): self
    {
        return match (true) {
            Tolerance::atMost($value, $straight) => self::Straight,
            Tolerance::atMost($value, $usable) => self::Usable,
            default => self::Avoid,
        };
    }
}
