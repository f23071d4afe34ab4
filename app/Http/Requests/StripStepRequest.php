<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use App\Models\StepState;

class StripStepRequest extends StepRequest
{
    public function rules(): array
    {
        return parent::rules() + ['lies_in' => ['nullable', 'string', 'max:'.Longest::NAME]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['note.required' => 'Say what was tried and why it stopped, so that the next person knows.'];
    }

    /** @return array{state: StepState, note: ?string, lies_in: ?string}|null null takes the record back */
    public function done(): ?array
    {
        $state = $this->state();

        return $state === null ? null : [
            'state' => $state,
            'note' => $this->note(),
            'lies_in' => $this->string('lies_in')->trim()->value() ?: null,
        ];
    }
}
