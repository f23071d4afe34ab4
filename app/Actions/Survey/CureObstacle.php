<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Actions\JobAction;
use App\Models\Job;
use App\Models\Obstacle;
use App\Models\User;
use NeatSpindle\Core\Holding\Around\ObstacleCure;

use function in_array;

/** Decides what is done about something in the motor's way, or takes it off the list; what it was stays in the record. */
class CureObstacle extends JobAction
{
    /** @param  ?ObstacleCure  $cure null takes it off the list */
    public function __invoke(Job $job, User $by, Obstacle $obstacle, ?ObstacleCure $cure): void
    {
        ($this->change)($job, $by, 'work', null, function () use ($job, $by, $obstacle, $cure): void {
            $stands = Obstacle::query()->where('job_id', $job->id)->whereNull('superseded_at')->find($obstacle->id)
                ?? $this->refuse('cure', 'Somebody else has changed it meanwhile: look at it again.');
            if ($cure !== null && ! in_array($cure, $stands->kind->cures(), true)) {
                $this->refuse('cure', "That is not done to this: {$stands->kind->label()}.");
            }
            $stands->update(['superseded_at' => now()]);
            if ($cure !== null) {
                $stands->replicate(['superseded_at'])->fill(['user_id' => $by->id, 'cure' => $cure, 'seen_at' => now()])->save();
            }
        });
    }
}
