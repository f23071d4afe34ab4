<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

/** The outline of a plug seen from its front, by which it is told without its colour. */
enum PlugShape: string
{
    case Barrel = 'barrel';
    case Slab = 'slab';
    case Wedge = 'wedge';
    case Lozenge = 'lozenge';
    case HalfMoon = 'half-moon';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /** Drawn in a box of 20 by 20. */
    public function outline(): string
    {
        return match ($this) {
            self::Barrel => 'M10 2a8 8 0 1 1 -0.01 0z',
            self::Slab => 'M2 5h16v10h-16z',
            self::Wedge => 'M10 2l9 16h-18z',
            self::Lozenge => 'M10 1l8 9 -8 9 -8 -9z',
            self::HalfMoon => 'M2 14a8 9 0 0 1 16 0z',
        };
    }
}
