<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Job;
use App\Models\User;

/** Somebody else changed the job between a person's looking and writing. */
class JobChangedMeanwhile extends ChangedMeanwhile
{
    public static function job(Job $job): self
    {
        $by = User::query()->find($job->changed_by_id)->name ?? 'Somebody';

        return new self("{$by} changed this job at {$job->updated_at?->format('H:i')}, while you were working. "
            .'Nothing of yours was saved yet: look at the new state below, then send it again.', 'version');
    }
}
