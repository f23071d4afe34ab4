<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Drawer;

/** What a spacer in the drawer can be used for. */
enum SpacerUse: string
{
    case Drive = 'drive';
    case Plate = 'plate';
    case Nut = 'nut';
    case Boss = 'boss';
    case Slot = 'slot';
    case Crank = 'crank';

    /** Where it goes, as one says it at the bench. */
    public function label(): string
    {
        return match ($this) {
            self::Drive => 'drive side',
            self::Plate => 'under the plate',
            self::Nut => 'under the nut',
            self::Boss => 'under a boss bolt',
            self::Slot => 'in a slot',
            self::Crank => 'under the crank',
        };
    }
}
