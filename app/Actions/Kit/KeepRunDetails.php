<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Models\Job;
use App\Models\Run;
use App\Models\User;
use App\Models\Values\PlugAtHand;
use NeatSpindle\Core\Fitting\Route\SurplusPlace;

/** Keeps what is known of a run beside its way. */
class KeepRunDetails extends JobAction
{
    /** @param  array{plug: ?PlugAtHand, threaded_with: ?string, surplus_at: ?SurplusPlace, is_unused: bool}  $details */
    public function __invoke(Job $job, User $by, int $seen, Run $run, array $details): void
    {
        ($this->change)($job, $by, 'work', $seen, function () use ($job, $run, $details): void {
            $row = Run::query()->where('job_id', $job->id)->whereNull('removed_at')->find($run->id)
                ?? $this->refuse('pins', 'Somebody else took this run off meanwhile.');
            $row->fill($details)->save();
        });
    }
}
