<?php

declare(strict_types=1);

namespace App\Models;

/** The three lists of steps that are worked down in one job, and recorded on. */
enum Sheet: string
{
    case Strip = 'strip';
    case Build = 'build';
    case Prove = 'prove';
}
