<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Models\Job;
use App\Models\Run;
use App\Models\User;

/** Keeps how long a run's own lead is, in mm; of one that carries power, the current, what fuse, plug and lead are made for in A, and the copper in mm². */
class SetSupply extends JobAction
{
    /** @param  array<string, ?float>  $lead by column */
    public function __invoke(Job $job, User $by, int $seen, Run $run, array $lead): void
    {
        ($this->change)($job, $by, 'work', $seen, fn () => Run::query()->whereKey($run->id)->where('job_id', $job->id)->update($lead));
    }
}
