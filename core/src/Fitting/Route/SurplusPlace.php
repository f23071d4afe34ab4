<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

/** Where what is left of a lead is laid back in one loop, where nothing moves. It is not cut. */
enum SurplusPlace: string
{
    case Cover = 'cover';
    case Wrap = 'wrap';
    case Bag = 'bag';
    case Boom = 'boom';

    public function label(): string
    {
        return match ($this) {
            self::Cover => 'under the motor’s cover',
            self::Wrap => 'along the tube, under a wrap that opens',
            self::Bag => 'in the bag',
            self::Boom => 'in the hollow of the boom',
        };
    }
}
