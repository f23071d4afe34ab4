<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

/** What is decided about a finding. */
enum Remedy: string
{
    case Mend = 'mend';
    case Replace = 'replace';
    case Declined = 'declined';

    public function label(): string
    {
        return match ($this) {
            self::Mend => 'We mend it',
            self::Replace => 'We replace it',
            self::Declined => 'The customer declines',
        };
    }
}
