<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

/** What a reading was taken with, and how far such a reading can be off. */
enum Instrument: string
{
    case Caliper = 'caliper';
    case Straightedge = 'straightedge';
    case ThreadGauge = 'thread-gauge';
    case Tape = 'tape';
    case Rule = 'rule';

    /** The doubt of one careful reading, in mm. */
    public function doubtMm(): float
    {
        return match ($this) {
            self::Caliper => 0.02,
            self::Straightedge => 0.5,
            self::ThreadGauge => 0.01,
            self::Tape => 1.0,
            self::Rule => 0.5,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Caliper => 'Caliper',
            self::Straightedge => 'Straightedge and caliper',
            self::ThreadGauge => 'Thread gauge',
            self::Tape => 'Tape',
            self::Rule => 'Steel rule',
        };
    }
}
