<?php

declare(strict_types=1);

namespace App\Actions\Road;

use App\Actions\JobAction;
use App\Models\Job;
use App\Models\Track;
use App\Models\User;

/** Takes a road off a job. */
class DropRoad extends JobAction
{
    public function __invoke(Job $job, User $by, Track $track): void
    {
        ($this->change)($job, $by, 'work', null, [], fn () => Track::query()->whereKey($track->id)->where('job_id', $job->id)->delete());
    }
}
