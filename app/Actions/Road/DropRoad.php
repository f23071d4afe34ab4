<?php

declare(strict_types=1);

namespace App\Actions\Road;

use App\Actions\JobAction;
use App\Models\Job;
use App\Models\Track;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;

/** Takes a road off a job, or brings one back; it stays in the record either way. */
class DropRoad extends JobAction
{
    public function __invoke(Job $job, User $by, Track $track, bool $isBack = false): void
    {
        ($this->change)($job, $by, 'work', null, fn () => Track::query()->whereKey($track->id)->where('job_id', $job->id)
            ->when(! $isBack, fn (Builder $query) => $query->whereNull('dropped_at'))
            ->update($isBack ? ['dropped_at' => null, 'dropped_by_id' => null] : ['dropped_at' => now(), 'dropped_by_id' => $by->id]));
    }
}
