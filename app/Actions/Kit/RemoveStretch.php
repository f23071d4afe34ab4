<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Models\Job;
use App\Models\OwnStretch;
use App\Models\User;

/** Takes a way that was added off again; what hung on it waits for another. */
class RemoveStretch extends JobAction
{
    public function __invoke(Job $job, User $by, OwnStretch $stretch): void
    {
        ($this->change)($job, $by, 'work', null, fn () => OwnStretch::query()->whereKey($stretch->id)->where('job_id', $job->id)->whereNull('removed_at')
            ->update(['removed_at' => now()]));
    }
}
