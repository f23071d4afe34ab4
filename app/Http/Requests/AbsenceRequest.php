<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Absence;
use App\Planning\WhatIf;
use Illuminate\Foundation\Http\FormRequest;

/** Who is away from when to when. */
class AbsenceRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'who' => ['required', 'integer', 'min:1'],
            'away_from' => ['required', 'date_format:Y-m-d', 'after:-1 month', 'before:+3 years'],
            'away_to' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:away_from', 'before:+3 years'],
            'week' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'who.*' => 'Who is away?',
            'away_from.required' => 'From which day on?',
            'away_to.after_or_equal' => 'It must not end before it begins.',
            '*.date_format' => 'Write the date as year-month-day, for example 2027-03-14.',
            '*.after' => 'That is too long ago to plan with.', '*.before' => 'That is too far ahead to plan with.',
        ];
    }

    public function who(): int
    {
        return $this->integer('who');
    }

    public function from(): string
    {
        return $this->string('away_from')->value();
    }

    /** One day where no other end is named. */
    public function to(): string
    {
        return $this->string('away_to')->value() ?: $this->from();
    }

    public function whatIf(): WhatIf
    {
        return new WhatIf(absence: new Absence(['user_id' => $this->who(), 'from_on' => $this->from(), 'to_on' => $this->to()]));
    }
}
