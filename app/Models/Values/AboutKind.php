<?php

declare(strict_types=1);

namespace App\Models\Values;

/** What decisions by name there are. */
enum AboutKind: string
{
    case Pass = 'pass';
    case Departure = 'house';
    case Insistence = 'insistence';
    case BrakeSensor = 'brake-sensor';
    case GearSensor = 'gear-sensor';
    case SpeedSensor = 'speed-sensor';
    case Without = 'without';

    /** Whether there are several of it in one job, told apart by what follows its name. */
    public function hasMany(): bool
    {
        return $this !== self::GearSensor && $this !== self::SpeedSensor;
    }
}
