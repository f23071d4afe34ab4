<?php

declare(strict_types=1);

namespace App\Models;

/** What a picture of a job shows, in the order in which a job goes. */
enum PictureOf: string
{
    case Intake = 'intake';
    case Condition = 'condition';
    case Spot = 'spot';
    case Strip = 'strip';
    case Build = 'build';
    case Check = 'check';
    case Recheck = 'recheck';

    public function label(): string
    {
        return match ($this) {
            self::Intake => 'As it came',
            self::Condition => 'Condition',
            self::Spot => 'Measured',
            self::Strip => 'Taken apart',
            self::Build => 'Built',
            self::Check => 'Proved',
            self::Recheck => 'When it came back',
        };
    }

    /** What somebody must be allowed, of `JobPolicy`, to keep one. */
    public function ability(): string
    {
        return $this === self::Recheck ? 'comeBack' : 'work';
    }
}
