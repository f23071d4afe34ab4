<?php

declare(strict_types=1);

namespace App\Actions\Steps;

use App\Actions\JobAction;
use App\Models\FastenerBand;
use App\Models\Job;
use App\Models\User;
use NeatSpindle\Core\Ground\Measure\TorqueBand;
use NeatSpindle\Core\Parts\Fastening\Fastener;

/** Keeps the band that stands on a part's paper, for this job; a later one supersedes. */
class KeepBand extends JobAction
{
    public function __invoke(Job $job, User $by, Fastener $fastener, TorqueBand $band, string $paper): void
    {
        ($this->change)($job, $by, 'work', null, function () use ($job, $by, $fastener, $band, $paper): void {
            FastenerBand::query()->where('job_id', $job->id)->where('fastener', $fastener)->whereNull('superseded_at')
                ->update(['superseded_at' => now()]);
            FastenerBand::query()->create([
                'job_id' => $job->id, 'user_id' => $by->id, 'fastener' => $fastener, 'low_nm' => $band->low, 'high_nm' => $band->high,
                'paper' => $paper, 'typed_at' => now(),
            ]);
        });
    }
}
