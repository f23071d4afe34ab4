<?php

declare(strict_types=1);

namespace App\Actions\Road;

use App\Actions\JobAction;
use App\Models\Job;
use App\Models\Track;
use App\Models\User;
use NeatSpindle\Core\Choosing\Ride\Profile;

/** Keeps a road the bike will be ridden on, as its smoothed heights. */
class KeepRoad extends JobAction
{
    /** @param  list<string>  $remarks  what is odd about it */
    public function __invoke(Job $job, User $by, string $name, Profile $profile, array $remarks): void
    {
        ($this->change)($job, $by, 'work', null, fn () => Track::query()->create([
            'job_id' => $job->id, 'user_id' => $by->id, 'name' => $name,
            'heights' => array_map(fn (float $height) => round($height, 2), $profile->heights),
            'length_m' => $profile->length, 'raw_ascent_m' => $profile->rawAscent, 'points' => $profile->points,
            'remarks' => $remarks,
        ]));
    }
}
