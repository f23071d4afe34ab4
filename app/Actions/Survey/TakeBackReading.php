<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Actions\JobAction;
use App\Models\Job;
use App\Models\Reading;
use App\Models\User;

/** Takes a reading back: it no longer counts, and stays in the record. Who took it back first did. */
class TakeBackReading extends JobAction
{
    public function __invoke(Job $job, User $by, Reading $reading): void
    {
        ($this->change)($job, $by, 'work', null, fn () => Reading::query()->whereKey($reading->id)->where('job_id', $job->id)
            ->whereNull('superseded_at')->update(['superseded_at' => now(), 'withdrawn_by_id' => $by->id]));
    }
}
