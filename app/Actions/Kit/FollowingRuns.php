<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Run;
use NeatSpindle\Core\Fitting\Route\Harness;
use NeatSpindle\Core\Fitting\Route\RunRole;

/**
 * Runs that follow from what is fitted: laid when it is, taken off with it.
 *
 * @phpstan-import-type RunFields from Run
 */
class FollowingRuns
{
    public static function follow(OpenJob $open, RunRole $role, bool $was, bool $is): void
    {
        $job = $open->job;
        $laid = Run::query()->where('job_id', $job->id)->where('role', $role)->whereNull('removed_at');
        if ($was && ! $is) {
            $laid->update(['removed_at' => now()]);
        } elseif ($is && ! $was && $laid->doesntExist()) {
            $next = 1 + (int) Run::query()->where('job_id', $job->id)->max('position');
            Run::query()->create(['job_id' => $job->id, 'position' => $next, ...Run::usual($role, $open->motor()?->papers->harness)]);
        }
    }

    /** Runs nobody has changed are supplied as another motor's papers have it, once that is chosen. */
    public static function supply(Job $job, ?Harness $was, ?Harness $is): void
    {
        foreach ($job->runs as $run) {
            $fields = $run->role === null ? [] : Run::usual($run->role, $is);
            if ($run->role !== null && $fields !== Run::usual($run->role, $was) && self::isAsSupplied($run, Run::usual($run->role, $was))) {
                Run::query()->whereKey($run->id)->update($fields);
            }
        }
    }

    /** @param  RunFields  $fields */
    private static function isAsSupplied(Run $run, array $fields): bool
    {
        $is = [$run->from_place, $run->to_place, $run->supply_mm, $run->connector];

        return $is === [$fields['from_place'], $fields['to_place'], $fields['supply_mm'], $fields['connector']];
    }
}
