<?php

declare(strict_types=1);

namespace App\Models;

/** How a job ends without a hand-over. */
enum JobEnd: string
{
    case GivenUp = 'given-up';
    case Elsewhere = 'elsewhere';

    public function label(): string
    {
        return match ($this) {
            self::GivenUp => 'Given up',
            self::Elsewhere => 'Fitted by another',
        };
    }
}
