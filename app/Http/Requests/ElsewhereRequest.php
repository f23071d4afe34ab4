<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Validation\Rules\Enum;
use NeatSpindle\Core\Whole\Calendar\ElsewhereKind;
use NeatSpindle\Core\Whole\Calendar\WorkKind;

/** What of a job goes into other hands, and which work waits for it. */
class ElsewhereRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + [
            'elsewhere' => ['required', new Enum(ElsewhereKind::class)],
            'what' => ['required', 'string', 'max:'.Longest::SHORT_NOTE],
            'needed' => ['required', new Enum(WorkKind::class)],
            'back_on' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:today', 'before:+3 years'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'elsewhere.*' => 'Where is it: at another shop, or asked the customer?', 'what.required' => 'What is it?', 'needed.*' => 'Which work waits for it?',
            'back_on.date_format' => 'Write the date as year-month-day, for example 2027-03-14.',
            'back_on.after_or_equal' => 'That day is over: when will it be back?', 'back_on.before' => 'Nothing is away for so long.',
        ];
    }

    public function kind(): ElsewhereKind
    {
        return ElsewhereKind::from($this->string('elsewhere')->value());
    }

    public function what(): string
    {
        return $this->string('what')->trim()->value();
    }

    public function needed(): WorkKind
    {
        return WorkKind::from($this->string('needed')->value());
    }

    public function backOn(): ?string
    {
        return $this->string('back_on')->value() ?: null;
    }
}
