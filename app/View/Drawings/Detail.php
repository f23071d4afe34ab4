<?php

declare(strict_types=1);

namespace App\View\Drawings;

/** Which part of the section is looked at. */
enum Detail: string
{
    case Whole = 'whole';
    case LeftSide = 'left';
    case DriveSide = 'drive';

    public function label(): string
    {
        return match ($this) {
            self::Whole => 'Whole',
            self::LeftSide => 'Left end',
            self::DriveSide => 'Drive side',
        };
    }
}
