<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

/** What goes on a thread or a taper. */
enum Compound: string
{
    case None = 'none';
    case Locking = 'locking';
    case Grease = 'grease';
    case WaterRepelling = 'water-repelling';

    public function label(): string
    {
        return match ($this) {
            self::None => 'Dry',
            self::Locking => 'Locking compound, medium',
            self::Grease => 'Grease, a thin film',
            self::WaterRepelling => 'Water-repelling grease',
        };
    }
}
