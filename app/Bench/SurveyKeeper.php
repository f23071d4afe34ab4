<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Answer;
use App\Models\Job;
use App\Models\Reading;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use NeatSpindle\Core\Measure\Measurement;
use NeatSpindle\Core\Survey\Instrument;

/** Keeps readings and answers: a later one supersedes, none is overwritten. */
class SurveyKeeper
{
    public function __construct(private readonly ChangeJob $change) {}

    /**
     * @param  bool  $afresh  the earlier readings no longer count; else these are added to them
     */
    public function record(Job $job, User $by, string $spot, Measurement $measurement, Instrument $instrument, string $typed, bool $afresh): void
    {
        ($this->change)($job, $by, null, ['readings'], function () use ($job, $by, $spot, $measurement, $instrument, $typed, $afresh): void {
            $isStated = $measurement->readings === [];
            $first = null;
            foreach ($isStated ? [$measurement->value] : $measurement->readings as $value) {
                $reading = Reading::query()->create([
                    'job_id' => $job->id, 'user_id' => $by->id, 'spot' => $spot, 'value_mm' => $value,
                    'plus_minus_mm' => $isStated ? $measurement->plusMinus : null,
                    'instrument' => $instrument, 'instrument_mm' => $instrument->doubtMm(),
                    'typed' => mb_strimwidth($typed, 0, 200, '…'), 'taken_at' => now(),
                ]);
                $first ??= $reading->id;
            }
            $this->standing($job, $spot)->where('id', '<', $first)
                ->when(! $afresh && ! $isStated, fn (Builder $query) => $query->whereNotNull('plus_minus_mm'))
                ->update(['superseded_at' => now(), 'superseded_by_id' => $first]);
        });
    }

    public function takeBack(Reading $reading, Job $job, User $by): void
    {
        ($this->change)($job, $by, null, ['readings'], fn () => Reading::query()->whereKey($reading->id)->where('job_id', $job->id)
            ->update(['superseded_at' => now(), 'withdrawn_by_id' => $by->id]));
    }

    public function answer(Job $job, User $by, string $question, string $value): void
    {
        ($this->change)($job, $by, null, ['answers'], function () use ($job, $by, $question, $value): void {
            Answer::query()->where('job_id', $job->id)->where('question', $question)->whereNull('superseded_at')
                ->update(['superseded_at' => now()]);
            Answer::query()->create([
                'job_id' => $job->id, 'user_id' => $by->id, 'question' => $question, 'value' => $value, 'given_at' => now(),
            ]);
        });
    }

    /** @return Builder<Reading> */
    private function standing(Job $job, string $spot): Builder
    {
        return Reading::query()->where('job_id', $job->id)->where('spot', $spot)->whereNull('superseded_at');
    }
}
