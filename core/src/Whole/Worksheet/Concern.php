<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Worksheet;

use NeatSpindle\Core\Holding\Build\PutRight;

/** What a job's verdict is made of, in the order it is dealt with at the bench. */
enum Concern: string
{
    case Stop = 'stop';
    case Stack = 'stack';
    case Rest = 'rest';
    case Checks = 'checks';
    case Reach = 'reach';
    case Line = 'line';
    case Battery = 'battery';
    case Bar = 'bar';
    case Sensors = 'sensors';

    public function label(): string
    {
        return match ($this) {
            self::Stop => 'stopped',
            self::Stack => 'stack',
            self::Rest => 'body’s hold',
            self::Checks => 'checks by hand',
            self::Reach => 'nut’s socket',
            self::Line => 'chainline',
            self::Battery => 'battery',
            self::Bar => 'bar',
            self::Sensors => 'brake sensors',
        };
    }

    public function putRight(): PutRight
    {
        return match ($this) {
            self::Stop => PutRight::Condition,
            self::Rest => PutRight::Rest,
            self::Line => PutRight::Line,
            self::Battery => PutRight::Battery,
            self::Bar => PutRight::Cockpit,
            self::Sensors => PutRight::Sensors,
            self::Stack, self::Checks, self::Reach => PutRight::Stack,
        };
    }
}
