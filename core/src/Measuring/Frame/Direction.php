<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

/** Where one place lies from another, seen from the drive side. */
enum Direction: string
{
    case Front = 'front';
    case Back = 'back';
    case Up = 'up';
    case Down = 'down';

    public function label(): string
    {
        return match ($this) {
            self::Front => 'to the front',
            self::Back => 'to the back',
            self::Up => 'above',
            self::Down => 'below',
        };
    }
}
