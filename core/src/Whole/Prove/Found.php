<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

/** How something was found at a re-check, before a hand was laid on it. */
enum Found: string
{
    case Held = 'held';
    case Moved = 'moved';
    case Loose = 'loose';
    case Worn = 'worn';
    case Frayed = 'frayed';

    public function label(): string
    {
        return match ($this) {
            self::Held => 'as it was',
            self::Moved => 'has moved',
            self::Loose => 'loose',
            self::Worn => 'worn',
            self::Frayed => 'frayed or rubbed',
        };
    }

    public function isBad(): bool
    {
        return $this !== self::Held;
    }
}
