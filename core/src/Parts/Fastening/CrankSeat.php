<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Fastening;

/** What a crank arm is drawn up on: not the bolt that draws it. */
enum CrankSeat: string
{
    case Taper = 'taper';
    case Spline = 'spline';
    case Shoulder = 'shoulder';

    public function label(): string
    {
        return match ($this) {
            self::Taper => 'Square taper',
            self::Spline => 'Splines',
            self::Shoulder => 'Splines up to a shoulder',
        };
    }

    /** How the arm goes on by hand, before its bolt. */
    public function fitting(): string
    {
        return match ($this) {
            self::Taper => 'Taper and arm wiped clean. Pushed on by hand as far as it goes; the bolt draws it further up, and it stops nowhere.',
            self::Spline => 'Splines wiped clean. Find them by turning a little, never by force; pushed on by hand as far as it goes.',
            self::Shoulder => 'Splines wiped clean. Pushed on by hand; it must come to stop on its shoulder or spacers, '
                .'never on its splines alone.',
        };
    }
}
