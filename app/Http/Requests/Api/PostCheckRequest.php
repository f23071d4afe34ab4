<?php

declare(strict_types=1);

namespace App\Http\Requests\Api;

use App\Models\Longest;
use App\Models\StepState;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;

/** What came of a check, as an instrument’s own box sends it. */
class PostCheckRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'check' => ['required', 'string', 'max:'.Longest::STEP], 'state' => ['required', 'string', new Enum(StepState::class)],
            'figure' => ['nullable', 'numeric', 'between:-1000,100000'], 'record' => ['nullable', 'integer', 'min:0'],
            'note' => ['nullable', 'string', 'max:'.Longest::NOTE, Rule::requiredIf($this->input('state') === StepState::Stopped->value)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'state.*' => 'Expected done or stopped.', 'note.required' => 'Say what was seen or heard.',
            'figure.*' => 'Expected the figure as it was read.',
            'record.*' => 'Expected the record that stood at the check, or 0.',
        ];
    }

    public function check(): string
    {
        return $this->string('check')->value();
    }

    /** @return array{state: StepState, figure: ?float, note: ?string} */
    public function done(): array
    {
        return [
            'state' => StepState::from($this->string('state')->value()), 'figure' => $this->filled('figure')
                ? $this->float('figure') : null,
            'note' => $this->string('note')->trim()->value() ?: null,
        ];
    }

    public function seen(): int
    {
        return $this->integer('record');
    }
}
