<?php

declare(strict_types=1);

namespace App\Actions\Steps;

use App\Models\Job;
use App\Models\Sheet;
use App\Models\StepRecord;
use App\Models\StepState;
use App\Models\User;

/** Writes down what was done at a step, next to what the sheet asked for; what stood there before stays in the record. */
class StepRecorder
{
    /**
     * @param  int  $seen  the record the person saw standing there; 0 when none did
     * @param  array<string, mixed>  $asked
     * @param  array{
     *     state: StepState, torque_nm?: ?float, figure?: ?float, by_hand?: bool, compound?: ?string, note?: ?string, lies_in?: ?string,
     * }|null  $done  null takes the record back
     *
     * @throws StepRecordedMeanwhile when another record stands there
     */
    public function record(Job $job, User $by, int $seen, Sheet $sheet, string $step, array $asked, ?array $done): void
    {
        $stands = StepRecord::query()->where('job_id', $job->id)->where('sheet', $sheet)->where('step', $step)
            ->whereNull('superseded_at')->latest('id')->first();
        if (($stands->id ?? 0) !== $seen) {
            throw StepRecordedMeanwhile::by($stands);
        }
        $stands?->update(['superseded_at' => now()]);
        if ($done !== null) {
            StepRecord::query()->create([
                'job_id' => $job->id, 'user_id' => $by->id, 'sheet' => $sheet, 'step' => $step,
                'asked' => $asked, 'recorded_at' => now(), ...$done,
            ]);
        }
    }
}
