<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

/** The step at which a stack could not go on. */
enum Unsolved: string
{
    case DriveSpacers = 'drive_spacers';
    case PlateSpacers = 'plate_spacers';
    case NutSpacers = 'nut_spacers';

    public function place(): Place
    {
        return match ($this) {
            self::DriveSpacers => Place::Drive,
            self::PlateSpacers => Place::Plate,
            self::NutSpacers => Place::Nut,
        };
    }
}
