<?php

declare(strict_types=1);

namespace App\Models;

/** What a step was recorded as. */
enum StepState: string
{
    case Done = 'done';
    /** It failed its check. */
    case Stopped = 'stopped';
}
