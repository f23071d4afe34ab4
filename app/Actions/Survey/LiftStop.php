<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Condition;
use App\Models\Job;
use App\Models\User;

/** Lifts a stop: a decision, with its reason on record. */
class LiftStop extends JobAction
{
    public function __invoke(Job $job, User $by, Condition $stop, string $reason): void
    {
        ($this->change)($job, $by, 'override', null, function (OpenJob $open) use ($job, $by, $stop, $reason): void {
            $isLifted = Condition::query()->whereKey($stop->id)->where('job_id', $job->id)->stopping()
                ->update(['lifted_at' => now(), 'lifted_by_id' => $by->id, 'lifted_because' => $reason]);
            if ($isLifted === 0) {
                $this->refuse('reason', 'This stop stands no longer: somebody has lifted it already.');
            }
            $open->job->stopped_for = Condition::stopOf($job);
        });
    }
}
