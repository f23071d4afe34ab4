<?php

declare(strict_types=1);

namespace App\Actions\Road;

use App\Actions\JobAction;
use App\Documents\GpxFile;
use App\Models\Job;
use App\Models\Track;
use App\Models\User;

/** Keeps a road the bike will be ridden on, as its smoothed heights. */
class KeepRoad extends JobAction
{
    public function __invoke(Job $job, User $by, string $name, GpxFile $file): void
    {
        $profile = $file->profile();
        ($this->change)($job, $by, 'work', null, [], fn () => Track::query()->create([
            'job_id' => $job->id, 'user_id' => $by->id, 'name' => $name,
            'heights' => array_map(fn (float $height) => round($height, 2), $profile->heights),
            'length_m' => $profile->length, 'raw_ascent_m' => $profile->rawAscent, 'points' => $profile->points,
            'remarks' => $file->remarks(),
        ]));
    }
}
