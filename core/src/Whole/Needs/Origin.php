<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Needs;

/** Where something for a job comes from. */
enum Origin: string
{
    case Box = 'box';
    case Drawer = 'drawer';
    case Shop = 'shop';

    public function label(): string
    {
        return match ($this) {
            self::Box => 'the motor’s box',
            self::Drawer => 'the drawer',
            self::Shop => 'the shop',
        };
    }
}
