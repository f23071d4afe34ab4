<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Models\Job;
use App\Models\Run;

/** Runs that follow from what is fitted: laid when it is, taken off with it. */
class FollowingRuns
{
    /** @param  string  $name  as `Run::OFFERED` has it */
    public static function follow(Job $job, string $name, bool $was, bool $is): void
    {
        $laid = Run::query()->where('job_id', $job->id)->where('name', $name)->whereNull('removed_at');
        if ($was && ! $is) {
            $laid->update(['removed_at' => now()]);
        } elseif ($is && ! $was && $laid->doesntExist()) {
            $next = 1 + (int) Run::query()->where('job_id', $job->id)->max('position');
            Run::query()->create(['job_id' => $job->id, 'position' => $next, 'name' => $name, ...Run::OFFERED[$name]]);
        }
    }
}
