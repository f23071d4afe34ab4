<?php

declare(strict_types=1);

namespace App\Bench;

use App\Documents\GpxFile;
use App\Models\Job;
use App\Models\Track;
use App\Models\User;

/** Keeps the roads a bike will be ridden on, as their smoothed heights. */
class TrackKeeper
{
    public function __construct(private readonly ChangeJob $change) {}

    public function keep(Job $job, User $by, string $name, GpxFile $file): void
    {
        $profile = $file->profile();
        ($this->change)($job, $by, null, [], fn () => Track::query()->create([
            'job_id' => $job->id, 'user_id' => $by->id, 'name' => $name,
            'heights' => array_map(fn (float $height) => round($height, 2), $profile->heights),
            'length_m' => $profile->length, 'raw_ascent_m' => $profile->rawAscent, 'points' => $profile->points,
            'remarks' => $file->remarks(),
        ]));
    }

    public function drop(Job $job, User $by, Track $track): void
    {
        ($this->change)($job, $by, null, [], fn () => $track->delete());
    }
}
