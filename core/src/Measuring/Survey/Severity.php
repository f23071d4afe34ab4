<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

/** How bad a finding is, and what may answer it. */
enum Severity: string
{
    case Fine = 'fine';
    case Watch = 'watch';
    case Bad = 'bad';
    case Stop = 'stop';

    public function label(): string
    {
        return match ($this) {
            self::Fine => 'Fine',
            self::Watch => 'Worn, still good',
            self::Bad => 'Not good enough',
            self::Stop => 'Stop the job',
        };
    }

    /** @return list<Remedy> what may answer it; empty when it needs no answer */
    public function remedies(): array
    {
        return match ($this) {
            self::Fine, self::Stop => [],
            self::Watch, self::Bad => Remedy::cases(),
        };
    }

    /** The verdict mark that goes with it. */
    public function mark(): string
    {
        return match ($this) {
            self::Fine => 'clear',
            self::Watch => 'tight',
            self::Bad, self::Stop => 'fails',
        };
    }
}
