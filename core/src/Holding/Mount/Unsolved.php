<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

use NeatSpindle\Core\Parts\Drawer\Place;

/** The step at which a stack could not go on. */
enum Unsolved: string
{
    case DriveSpacers = 'drive_spacers';
    case PlateSpacers = 'plate_spacers';
    case NutSpacers = 'nut_spacers';
    case ShellTooWide = 'shell_too_wide';
    case YokeOutsideSlot = 'yoke_outside_slot';
    case PinionInboardOfRing = 'pinion_inboard_of_ring';
    case MotorTooWide = 'motor_too_wide';

    /** The place the drawer has nothing for; null when it is not for want of spacers. */
    public function place(): ?Place
    {
        return match ($this) {
            self::DriveSpacers => Place::Drive,
            self::PlateSpacers => Place::Plate,
            self::NutSpacers => Place::Nut,
            default => null,
        };
    }

    /** What is in the way where no spacer would help. */
    public function label(): string
    {
        return match ($this) {
            self::DriveSpacers, self::PlateSpacers, self::NutSpacers => 'The drawer has no set that suits',
            self::ShellTooWide => 'The shell is wider than the body’s base',
            self::YokeOutsideSlot => 'The yoke comes to lie outside its slot',
            self::PinionInboardOfRing => 'The pinion would sit inboard of the ring',
            self::MotorTooWide => 'The motor is wider than the room beside the shell',
        };
    }
}
