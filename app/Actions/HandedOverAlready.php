<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Job;

/** The bike has left: what was written down about it stays as it was, until somebody takes the hand-over back. */
class HandedOverAlready extends ChangedMeanwhile
{
    public static function on(Job $job): self
    {
        return new self("This bike was handed over on {$job->handed_over_at?->format('j M')}, so nothing of its job is changed any more. "
            .'Take the hand-over back first, under Prove.', 'version');
    }
}
