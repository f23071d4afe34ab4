<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Models\Decision;
use App\Models\Job;
use App\Models\User;

/** An owner answers by name for what was decided; what it stopped goes on. */
class AllowDecision extends JobAction
{
    public function __invoke(Job $job, User $by, int $decision, string $reason): void
    {
        ($this->change)($job, $by, 'decide', null, function () use ($job, $by, $decision, $reason): void {
            $isAllowed = Decision::query()->whereKey($decision)->where('job_id', $job->id)->whereNull('superseded_at')->whereNull('allowed_at')
                ->update(['allowed_by_id' => $by->id, 'allowed_at' => now(), 'allowed_because' => $reason]);
            if ($isAllowed === 0) {
                $this->refuse('because', 'This decision stands no longer, or somebody has answered for it already: look at it again.');
            }
        });
    }
}
