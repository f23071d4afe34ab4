<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Reaction;

/** Where the motor's body hangs, seen from the crank axis. */
enum BodyPosition: string
{
    case Below = 'below';
    case Front = 'front';
    case Behind = 'behind';
    case Above = 'above';

    public function label(): string
    {
        return match ($this) {
            self::Below => 'Below and in front of the shell',
            self::Front => 'Straight in front of the shell',
            self::Behind => 'Behind the shell',
            self::Above => 'Above the shell, inside the triangle',
        };
    }

    /**
     * Which way the body's far end wants to go. Seen from the right the crank is always driven clockwise, so the
     * body wants to go anticlockwise, on whichever side its ring is.
     */
    public function swings(): string
    {
        return match ($this) {
            self::Below => 'forwards and up',
            self::Front => 'up',
            self::Behind => 'down',
            self::Above => 'to the rear',
        };
    }

    /** The direction of the body's middle from the axis in degrees, seen from the right: anticlockwise from the front. */
    public function bearing(): float
    {
        return match ($this) {
            self::Below => -55.0,
            self::Front => 0.0,
            self::Behind => 180.0,
            self::Above => 68.0,
        };
    }
}
