<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use App\Models\StepState;
use Illuminate\Validation\Rule;
use NeatSpindle\Core\Ground\Turn\Rotation;

class StripStepRequest extends StepRequest
{
    public function rules(): array
    {
        return parent::rules() + [
            'lies_in' => ['nullable', 'string', 'max:'.Longest::NAME], 'turned' => ['nullable', Rule::enum(Rotation::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'turned' => 'Clockwise or anticlockwise, facing the cup.',
            'note.required' => 'Say what was tried and why it stopped, so that the next person knows.',
        ];
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

    /** Which way it came out; null when nothing is said of it, or it is not out. */
    public function turned(): ?Rotation
    {
        return $this->isDone() ? $this->enum('turned', Rotation::class) : null;
    }
}
