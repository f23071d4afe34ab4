<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Calendar;

/** In whose hands something of a job lies. */
enum ElsewhereKind: string
{
    case Shop = 'shop';
    case Customer = 'customer';

    public function label(): string
    {
        return match ($this) {
            self::Shop => 'At another shop',
            self::Customer => 'Asked the customer',
        };
    }

    /** How long it takes where nobody has named a day; null where nobody can say. Ours. */
    public function usualDays(): ?int
    {
        return match ($this) {
            self::Shop => 7,
            self::Customer => null,
        };
    }

    /** What ends it. */
    public function ends(): string
    {
        return match ($this) {
            self::Shop => 'It is back',
            self::Customer => 'Answered',
        };
    }
}
