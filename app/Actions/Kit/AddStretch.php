<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\OwnStretch;
use App\Models\User;
use NeatSpindle\Core\Measuring\Frame\Direction;

/** Adds a way along the frame, and with it a place where the frame has none of that name. */
class AddStretch extends JobAction
{
    /** @param  array{from_place: string, to_place: string, length_mm: float, towards: Direction, tags: list<string>}  $stretch */
    public function __invoke(Job $job, User $by, array $stretch): void
    {
        ($this->change)($job, $by, 'work', null, function (OpenJob $open) use ($job, $by, $stretch): void {
            if (! isset($open->laying()->ways->places[$stretch['from_place']])) {
                $this->refuse('stretch_from', "This bike has no place called {$stretch['from_place']}.");
            }
            if (OwnStretch::query()->where('job_id', $job->id)->whereNull('removed_at')->count() >= OwnStretch::MOST) {
                $this->refuse('stretch_to', 'That is as many as a frame needs: take one off first.');
            }
            OwnStretch::query()->create(['job_id' => $job->id, 'user_id' => $by->id, 'added_at' => now(), ...$stretch]);
        });
    }
}
