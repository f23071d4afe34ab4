<?php

declare(strict_types=1);

namespace App\Actions\Calendar;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Promise;
use App\Models\User;
use App\Planning\PutBefore;
use App\Planning\WhoDoes;

/** Keeps what a job is promised for, when its parts come, and before which other it is done; each promise with the day on which it was made. */
class PlanJob extends JobAction
{
    /** @param  array{promised_on: ?string, parts_on: ?string, before_id: ?int, hands: ?array<string, int>}  $plan */
    public function __invoke(Job $job, User $by, int $seen, array $plan): void
    {
        ($this->change)($job, $by, 'choose', $seen, function (OpenJob $open) use ($by, $plan): void {
            $objection = $plan['before_id'] === null ? null : PutBefore::objection($open->job, $plan['before_id']);
            $objection === null || $this->refuse('before', $objection);
            $cannot = WhoDoes::objection($open->job, $plan['hands'] ?? []);
            $cannot === null || $this->refuse('by', $cannot);
            if ($open->job->promised_on?->format('Y-m-d') !== $plan['promised_on']) {
                Promise::query()->create([
                    'job_id' => $open->job->id, 'user_id' => $by->id, 'promised_on' => $plan['promised_on'], 'promised_at' => now(),
                ]);
            }
            $open->job->fill($plan);
        });
    }
}
