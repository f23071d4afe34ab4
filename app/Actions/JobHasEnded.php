<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Job;

/** A job that ended stays as it was, until somebody takes it up again. */
class JobHasEnded extends ChangedMeanwhile
{
    public static function on(Job $job): self
    {
        return new self("This job ended on {$job->ended_at?->format('j M')}, so nothing of it is changed any more. Take it up again first, under Prove, Hand over.", 'version');
    }
}
