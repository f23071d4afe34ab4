<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Catalogue;

use NeatSpindle\Core\Stack\Place;

/** How a motor is held in a frame. */
enum Mount: string
{
    case Sleeve = 'sleeve';
    case Yoke = 'yoke';
    case TwinPlate = 'twin-plate';

    /** @return list<Place> where spacers can go, in the order the drawer is asked */
    public function places(): array
    {
        return match ($this) {
            self::Sleeve => [Place::Drive, Place::Plate, Place::Boss, Place::Nut],
            self::Yoke => [Place::Drive, Place::Plate, Place::SlotInner, Place::SlotOuter, Place::Crank],
            self::TwinPlate => [Place::Drive, Place::Left, Place::Crank],
        };
    }

    /** Whether drive spacers bring something into line, and may be a little less than needed too. */
    public function allowsLessDrive(): bool
    {
        return $this === self::TwinPlate;
    }

    public function label(): string
    {
        return match ($this) {
            self::Sleeve => 'Sleeve',
            self::Yoke => 'Yoke',
            self::TwinPlate => 'Twin-plate',
        };
    }
}
