<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Strip;

/** How the bottom bracket sits in its shell. */
enum BracketKind: string
{
    case Threaded = 'threaded';
    case PressFit = 'press-fit';

    public function label(): string
    {
        return $this === self::Threaded ? 'Threaded cups' : 'Pressed in';
    }
}
