<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Planning\WhatIf;
use Illuminate\Validation\Rule;
use NeatSpindle\Core\Whole\Schedule\WallClock;

/** What a job is promised for, when its parts come, and before which other job it is done. */
class PlanJobRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + [
            'promised_on' => ['nullable', 'date_format:Y-m-d', $this->isUnchanged('promised_on') ? 'nullable' : 'after_or_equal:today'],
            'parts_on' => ['nullable', 'date_format:Y-m-d', 'before:+3 years'],
            'before' => ['nullable', 'integer', Rule::exists('jobs', 'id')->where('workshop_id', $this->user()?->workshop_id)],
            'week' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'promised_on.after_or_equal' => 'A promise cannot lie in the past.',
            '*.date_format' => 'Write the date as year-month-day, for example 2027-03-14.',
            'parts_on.before' => 'Nothing is on its way for so long.',
            'before.*' => 'There is no such job.',
        ];
    }

    /** @return array{promised_on: ?string, parts_on: ?string, turn: ?int} */
    public function plan(): array
    {
        return ['promised_on' => $this->day('promised_on'), 'parts_on' => $this->day('parts_on'), 'turn' => $this->turn()];
    }

    public function whatIf(): WhatIf
    {
        $plan = $this->plan();
        $id = $this->planned()->id;

        return new WhatIf([$id => $plan['promised_on']], [$id => $plan['parts_on']], $plan['turn'] === null ? [] : [$id => $plan['turn']]);
    }

    public function planned(): Job
    {
        $job = $this->route('job');

        return $job instanceof Job ? $job : abort(404);
    }

    /** As urgent as the one it goes before, and listed before it; its own place where it goes before none. */
    private function turn(): ?int
    {
        $before = $this->filled('before') ? Job::query()->find($this->integer('before')) : null;
        $day = $before?->promised_on?->format('Y-m-d');

        return $before === null
            ? null : ($before->turn ?? ($day === null ? (int) WallClock::day('2999-01-01') : (int) WallClock::day($day)));
    }

    private function day(string $field): ?string
    {
        return $this->string($field)->value() ?: null;
    }

    private function isUnchanged(string $field): bool
    {
        $job = $this->route('job');

        return $job instanceof Job && $job->promised_on?->format('Y-m-d') === $this->day($field);
    }
}
