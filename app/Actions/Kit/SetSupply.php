<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Models\Job;
use App\Models\Run;
use App\Models\User;

/** Keeps how long a run's own lead is, in mm. */
class SetSupply extends JobAction
{
    public function __invoke(Job $job, User $by, int $seen, Run $run, float $mm): void
    {
        ($this->change)($job, $by, 'work', $seen, [], fn () => Run::query()->whereKey($run->id)->where('job_id', $job->id)->update(['supply_mm' => $mm]));
    }
}
