<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Fit;

/** How a motor stands to a bike, for a person. */
enum Standing: string
{
    case Goes = 'goes';
    /** It would with something bought, or may once a reading is firm. */
    case Nearly = 'nearly';
    case DoesNot = 'does_not';

    public function label(): string
    {
        return match ($this) {
            self::Goes => 'Goes',
            self::Nearly => 'Nearly goes',
            self::DoesNot => 'Does not go',
        };
    }
}
