<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Bench\Departure;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Recheck;
use App\Models\User;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Whole\Prove\Found;

/** Keeps what a bike was found like when it came back, before anything was tightened, and when it comes next. */
class KeepRecheck extends JobAction
{
    public function __construct(ChangeJob $change, private readonly WriteLogbook $writeLogbook)
    {
        parent::__construct($change);
    }

    /** @param  array<string, array{found: Found, torque_nm: ?float, note: ?string}>  $items  by the thing's code */
    public function __invoke(Job $job, User $by, int $kilometres, ?Carbon $next, ?string $note, array $items): void
    {
        ($this->change)($job, $by, 'comeBack', null, function (OpenJob $open) use ($job, $by, $kilometres, $next, $note, $items): void {
            $open->job->handed_over_at !== null || $this->refuse('kilometres', 'A bike comes back after it was handed over.');
            $plan = $open->the(Departure::class)->plan;
            $known = array_intersect_key($items, $plan->items);
            $known !== [] || $this->refuse('found', 'Say of one thing at least how it was found.');
            $recheck = Recheck::query()->create([
                'job_id' => $job->id, 'user_id' => $by->id, 'done_at' => now(), 'kilometres' => $kilometres, 'note' => $note, 'next_on' => $next,
            ]);
            foreach ($known as $code => $item) {
                $recheck->items()->create(['code' => $code, 'title' => $plan->items[$code], ...$item]);
            }
            $this->writeLogbook->again($open);
        });
    }
}
