<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\StepRecord;
use App\Models\User;

/** Keeps what was really done at each step, next to what the sheet asked for. */
class StepKeeper
{
    public function __construct(private readonly ChangeJob $change) {}

    /**
     * @param  array<string, mixed>  $asked
     * @param  array{state: string, torque_nm?: ?float, compound?: ?string, note?: ?string}|null  $done  null takes the record back
     */
    public function record(Job $job, User $by, string $sheet, string $step, array $asked, ?array $done): void
    {
        ($this->change)($job, $by, null, ['stepRecords'], function () use ($job, $by, $sheet, $step, $asked, $done): void {
            StepRecord::query()->where('job_id', $job->id)->where('sheet', $sheet)->where('step', $step)
                ->whereNull('superseded_at')->update(['superseded_at' => now()]);
            if ($done !== null) {
                StepRecord::query()->create([
                    'job_id' => $job->id, 'user_id' => $by->id, 'sheet' => $sheet, 'step' => $step,
                    'asked' => $asked, 'recorded_at' => now(), ...$done,
                ]);
            }
        });
    }
}
