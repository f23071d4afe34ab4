<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Drawer;

/** Where along the axis, or behind the plate, a spacer sits. */
enum Place: string
{
    case Drive = 'drive';
    case Plate = 'plate';
    case Nut = 'nut';
    case Boss = 'boss';
    case SlotInner = 'slot_inner';
    case SlotOuter = 'slot_outer';
    case Left = 'left';
    case Crank = 'crank';

    /** What a spacer's row in the drawer must be usable for to go here. */
    public function use(): SpacerUse
    {
        return match ($this) {
            self::Drive => SpacerUse::Drive,
            self::Plate, self::Left => SpacerUse::Plate,
            self::Nut => SpacerUse::Nut,
            self::Boss => SpacerUse::Boss,
            self::SlotInner, self::SlotOuter => SpacerUse::Slot,
            self::Crank => SpacerUse::Crank,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Drive => 'Drive side',
            self::Plate => 'Under the plate',
            self::Nut => 'Under the nut',
            self::Boss => 'Boss washers',
            self::SlotInner => 'Slot, inner',
            self::SlotOuter => 'Slot, outer',
            self::Left => 'Left of the motor',
            self::Crank => 'Under the crank',
        };
    }
}
