<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Models\Job;
use App\Models\Run;
use NeatSpindle\Core\Fitting\Route\RunRole;

/** Runs that follow from what is fitted: laid when it is, taken off with it. */
class FollowingRuns
{
    public static function follow(Job $job, RunRole $role, bool $was, bool $is): void
    {
        $laid = Run::query()->where('job_id', $job->id)->where('role', $role)->whereNull('removed_at');
        if ($was && ! $is) {
            $laid->update(['removed_at' => now()]);
        } elseif ($is && ! $was && $laid->doesntExist()) {
            $next = 1 + (int) Run::query()->where('job_id', $job->id)->max('position');
            Run::query()->create(['job_id' => $job->id, 'position' => $next, ...Run::usual($role)]);
        }
    }
}
