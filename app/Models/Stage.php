<?php

declare(strict_types=1);

namespace App\Models;

/** The places of a job, in the order of the work. */
enum Stage: string
{
    case Survey = 'survey';
    case Strip = 'strip';
    case Match = 'match';
    case Stack = 'stack';
    case Line = 'line';
    case Route = 'route';
    case Build = 'build';
    case Prove = 'prove';

    public function label(): string
    {
        return ucfirst($this->value);
    }

    /** The digit that takes one there. */
    public function digit(): int
    {
        return (int) array_search($this, self::cases(), true) + 1;
    }
}
