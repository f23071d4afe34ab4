<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Bench\Gathering;
use App\Bench\OpenJob;
use App\Models\Arrival;
use App\Models\Job;
use App\Models\Longest;
use App\Models\User;
use NeatSpindle\Core\Whole\Needs\Need;

use function in_array;

/** Says of each thing a job has to get whether it is here; what waits for it goes on then. */
class NoteArrivals extends JobAction
{
    /** @param  ?list<string>  $here  marks of what is here, all else being away; null where all of it is */
    public function __invoke(Job $job, User $by, int $seen, ?array $here): void
    {
        ($this->change)($job, $by, 'work', $seen, function (OpenJob $open) use ($job, $by, $here): void {
            $gathering = $open->the(Gathering::class);
            $fetched = array_filter($gathering->needs, fn (Need $need) => $need->isFetched());
            $isHere = fn (Need $need): bool => $here === null || in_array($need->mark(), $here, true);
            $gone = array_map(fn (Need $need) => $need->mark(), array_filter($fetched, fn (Need $need) => ! $isHere($need)));
            Arrival::query()->where('job_id', $job->id)->whereIn('mark', $gone)->whereNull('superseded_at')->update(['superseded_at' => now()]);
            $come = array_filter($fetched, fn (Need $need) => $isHere($need) && ! in_array($need->mark(), $gathering->here, true));
            Arrival::query()->insert(array_values(array_map(fn (Need $need) => [
                'job_id' => $job->id, 'user_id' => $by->id, 'mark' => $need->mark(), 'what' => Longest::cut($need->says(), Longest::NEED), 'seen_at' => now(),
            ], $come)));
        });
    }
}
