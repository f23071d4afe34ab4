<?php

declare(strict_types=1);

namespace App\Models;

/** What became of a piece of a motor's box. */
enum BoxState: string
{
    case Here = 'here';
    case Missing = 'missing';
    case Wrong = 'wrong';
    case ToDrawer = 'to-drawer';
    case ToBag = 'to-bag';

    public function label(): string
    {
        return match ($this) {
            self::Here => 'Here',
            self::Missing => 'Missing',
            self::Wrong => 'Wrong',
            self::ToDrawer => 'Left over, to the drawer',
            self::ToBag => 'Left over, to the customer’s bag',
        };
    }

    /** Whether it says what became of it at the end, rather than how it came. */
    public function isAtTheEnd(): bool
    {
        return $this === self::ToDrawer || $this === self::ToBag;
    }

    /** Whether it came as it should: what is left over did. */
    public function isThere(): bool
    {
        return $this !== self::Missing && $this !== self::Wrong;
    }
}
