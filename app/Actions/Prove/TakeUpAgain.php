<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\User;

/** Takes a job that ended up again, as it was. */
class TakeUpAgain extends JobAction
{
    public function __invoke(Job $job, User $by): void
    {
        ($this->change)($job, $by, 'takeUpAgain', null, function (OpenJob $open): void {
            $open->job->ended_at !== null || $this->refuse('ended_as', 'This job has not ended.');
            $open->job->forceFill(['ended_as' => null, 'ended_because' => null, 'ended_at' => null, 'ended_by_id' => null]);
        });
    }
}
