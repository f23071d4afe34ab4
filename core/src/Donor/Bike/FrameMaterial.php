<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Donor\Bike;

/** What the frame is made of, as far as a plate's teeth care. */
enum FrameMaterial: string
{
    case Aluminium = 'aluminium';
    case Steel = 'steel';
    case Titanium = 'titanium';
    case Carbon = 'carbon';

    /** The part of a tooth's height that bites into this material. */
    public function bite(): float
    {
        return match ($this) {
            self::Aluminium => 1.0,
            self::Steel, self::Titanium => 0.5,
            self::Carbon => 0.0,
        };
    }
}
