<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

use function in_array;

/** Whether something goes, from best to worst. */
enum Verdict: string
{
    case Clear = 'clear';
    case Tight = 'tight';
    case Fails = 'fails';

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
