<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Reaction;

/** What is on the nut's thread while it is torqued. */
enum ThreadState: string
{
    case Dry = 'dry';
    case Threadlocker = 'threadlocker';
    case Grease = 'grease';

    /** K of the preload, without unit (handbook 03, *The reaction*). */
    public function torqueFactor(): float
    {
        return match ($this) {
            self::Dry => 0.20,
            self::Threadlocker => 0.17,
            self::Grease => 0.15,
        };
    }
}
