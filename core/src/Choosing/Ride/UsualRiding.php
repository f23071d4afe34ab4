<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Ride;

use NeatSpindle\Core\Choosing\Hill\Load;
use NeatSpindle\Core\Donor\Bike\BikeKind;

/** How a bike of a kind is mostly ridden, where nobody said otherwise. */
final class UsualRiding
{
    public const GRADE_PERCENT = 8.0;

    public const ASSIST_PERCENT = 100.0;

    public const BATTERY_WH = 600.0;

    /** Bike, rider and what it carries, in kg. */
    public static function massKg(BikeKind $kind): float
    {
        return match ($kind) {
            BikeKind::LongTail, BikeKind::BoxCargo => 190.0,
            BikeKind::DeltaTrike, BikeKind::FourWheeler => 160.0,
            default => 115.0,
        };
    }

    /** In m²: less where one lies low. */
    public static function dragAreaM2(BikeKind $kind): float
    {
        return $kind === BikeKind::TadpoleTrike ? Load::DRAG_AREA_M2 : 0.7;
    }
}
