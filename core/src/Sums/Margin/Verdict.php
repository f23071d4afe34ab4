<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Margin;

use NeatSpindle\Core\Ground\Measure\Tolerance;

use function in_array;

/** Whether something goes, from best to worst. */
enum Verdict: string
{
    case Clear = 'clear';
    case Tight = 'tight';
    case Fails = 'fails';

    /** Clear when the slack beats its doubt, tight when it only is there. */
    public static function ofSlack(float $slack, float $doubt): self
    {
        return match (true) {
            $slack < -Tolerance::EPSILON => self::Fails,
            $slack < $doubt - Tolerance::EPSILON => self::Tight,
            default => self::Clear,
        };
    }

    /** The worst of several; clear when there are none. */
    public static function worst(self ...$verdicts): self
    {
        return match (true) {
            in_array(self::Fails, $verdicts, true) => self::Fails,
            in_array(self::Tight, $verdicts, true) => self::Tight,
            default => self::Clear,
        };
    }
}
