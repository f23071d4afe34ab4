<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Actions\JobAction;
use App\Models\Job;
use App\Models\Obstacle;
use App\Models\User;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Holding\Around\ObstacleCure;
use NeatSpindle\Core\Holding\Around\ObstacleKind;

/** Keeps what stands out around the shell. */
class NoteObstacle extends JobAction
{
    public function __invoke(Job $job, User $by, ObstacleKind $kind, Measurement $height, int $angle): void
    {
        ($this->change)($job, $by, 'work', null, function () use ($job, $by, $kind, $height, $angle): void {
            if (Obstacle::query()->where('job_id', $job->id)->whereNull('superseded_at')->count() >= Obstacle::MOST) {
                $this->refuse('height', 'That is as many as a shell has room for: take one off the list first.');
            }
            Obstacle::query()->create([
                'job_id' => $job->id, 'user_id' => $by->id, 'kind' => $kind, 'height_mm' => $height->value, 'plus_minus_mm' => $height->plusMinus,
                'angle_deg' => $angle, 'cure' => ObstacleCure::Stays, 'seen_at' => now(),
            ]);
        });
    }
}
