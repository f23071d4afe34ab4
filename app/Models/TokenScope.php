<?php

declare(strict_types=1);

namespace App\Models;

/** What a program may do with a token. */
enum TokenScope: string
{
    case Read = 'read';
    case Record = 'record';

    public function label(): string
    {
        return match ($this) {
            self::Read => 'Read jobs, worksheets, sheets and the calendar',
            self::Record => 'Keep readings and checks',
        };
    }
}
