<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Survey;

/** When a spot can be measured: with everything still on, or on the bare shell. */
enum Sitting: string
{
    case BeforeTheStrip = 'before';
    case AfterTheStrip = 'after';

    public function label(): string
    {
        return match ($this) {
            self::BeforeTheStrip => 'Before the strip, with everything on',
            self::AfterTheStrip => 'After the strip, on the bare shell',
        };
    }
}
