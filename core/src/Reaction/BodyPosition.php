<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Reaction;

/** Where the motor's body hangs, seen from the crank axis. */
enum BodyPosition: string
{
    case Below = 'below';
    case Front = 'front';
    case Behind = 'behind';

    public function label(): string
    {
        return match ($this) {
            self::Below => 'Below and in front of the shell',
            self::Front => 'Straight in front of the shell',
            self::Behind => 'Behind the shell',
        };
    }

    /**
     * Which way the body's far end wants to go. Seen from the drive side the crank is driven clockwise, so the
     * body wants to go anticlockwise; a motor fitted the other way round drives and turns the other way.
     */
    public function swings(bool $isReversed): string
    {
        return match ([$this, $isReversed]) {
            [self::Below, false] => 'forwards and up',
            [self::Below, true] => 'back and down',
            [self::Front, false] => 'up',
            [self::Front, true] => 'down',
            [self::Behind, false] => 'down',
            default => 'up',
        };
    }

    /** The direction of the body's middle from the axis in degrees, drive side, front to the right, anticlockwise from there. */
    public function bearing(): float
    {
        return match ($this) {
            self::Below => -55.0,
            self::Front => 0.0,
            self::Behind => 180.0,
        };
    }
}
