<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Planning\PutBefore;
use App\Planning\WhatIf;
use App\Planning\WhoDoes;
use Closure;
use Illuminate\Validation\Rule;
use NeatSpindle\Core\Whole\Calendar\WorkKind;

/** What a job is promised for, when its parts come, and before which other job it is done. */
class PlanJobRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + [
            'promised_on' => ['nullable', 'date_format:Y-m-d', $this->isUnchanged('promised_on') ? 'nullable' : 'after_or_equal:today'],
            'parts_on' => ['nullable', 'date_format:Y-m-d', 'before:+3 years'],
            'before' => ['bail', 'nullable', 'integer', Rule::exists('jobs', 'id')->where('workshop_id', $this->user()?->workshop_id)
                ->whereNull('ended_at')->whereNull('handed_over_at'), $this->expectItCanStandThere(...)],
            'work' => ['nullable', 'string', Rule::in([WhoDoes::ALL, ...array_column(WorkKind::cases(), 'value')])],
            'by' => ['bail', 'nullable', 'integer', $this->expectTheyCan(...)],
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
            'before.*' => 'No such job is open.',
            'work.*' => 'No such work is known.', 'by.integer' => 'Nobody here is called so.',
        ];
    }

    /** @return array{promised_on: ?string, parts_on: ?string, before_id: ?int, hands: ?array<string, int>} */
    public function plan(): array
    {
        return [
            'promised_on' => $this->day('promised_on'),
            'parts_on' => $this->day('parts_on'),
            'before_id' => $this->integer('before') ?: null,
            'hands' => $this->hands() ?: null,
        ];
    }

    public function whatIf(): WhatIf
    {
        return new WhatIf([$this->planned()->id => $this->plan()]);
    }

    public function planned(): Job
    {
        $job = $this->route('job');

        return $job instanceof Job ? $job : abort(404);
    }

    /** @return array<string, int> who does which work, as they stand with what is said here */
    private function hands(): array
    {
        $work = $this->string('work')->value();

        return $work === '' ? $this->planned()->hands ?? [] : WhoDoes::named(
            $this->planned(), WorkKind::tryFrom($work), $this->integer('by') ?: null,
        );
    }

    /** @param  Closure(string): mixed  $fail */
    private function expectTheyCan(string $field, mixed $value, Closure $fail): void
    {
        $hands = $this->hands();
        $objection = WhoDoes::objection($this->planned(), $hands);
        match (true) {
            $this->string('work')->value() === '' => $fail('Which work is that?'),
            $hands === [] => $fail('Nobody here is called so any more.'),
            $objection !== null => $fail($objection),
            default => null,
        };
    }

    /** @param  Closure(string): mixed  $fail */
    private function expectItCanStandThere(string $field, mixed $value, Closure $fail): void
    {
        $objection = PutBefore::objection($this->planned(), $this->integer('before'));
        $objection === null || $fail($objection);
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
