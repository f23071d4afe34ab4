<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use App\Models\StepState;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NeatSpindle\Core\Holding\Build\BuildGate;

/** What became of a step: done, failed its check, or the record taken back. */
abstract class StepRequest extends FormRequest
{
    private const UNDONE = 'undone';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'step' => ['required', 'string', 'max:'.Longest::STEP],
            'state' => ['required', 'string', Rule::in([...array_column(StepState::cases(), 'value'), self::UNDONE])],
            'seen' => ['nullable', 'integer', 'min:0'],
            'posture' => ['nullable', Rule::in(['upright', 'inverted'])],
            'with' => ['nullable', 'array', 'max:'.BuildGate::LONGEST_MOVEMENT],
            'with.*' => ['required', 'integer', 'min:0'],
            'note' => ['nullable', 'string', 'max:'.Longest::NOTE, Rule::requiredIf($this->input('state') === StepState::Stopped->value)],
        ];
    }

    public function step(): string
    {
        return $this->string('step')->value();
    }

    /** The record the person saw standing at the step; 0 when none did. */
    public function seen(): int
    {
        return $this->integer('seen');
    }

    /** @return array<string, int> what is ticked in the same movement: the record the person saw standing at each, by its code */
    public function with(): array
    {
        $with = [];
        foreach ($this->isDone() ? $this->array('with') : [] as $code => $seen) {
            $with[(string) $code] = is_numeric($seen) ? (int) $seen : 0;
        }

        return $with;
    }

    /** How the bike stands on the page it comes from; null where that is as usual. */
    public function posture(): ?string
    {
        return $this->string('posture')->value() ?: null;
    }

    /** Whether it is said to be done. */
    public function isDone(): bool
    {
        return $this->state() === StepState::Done;
    }

    /** Null when the record is taken back. */
    protected function state(): ?StepState
    {
        return StepState::tryFrom($this->string('state')->value());
    }

    protected function note(): ?string
    {
        return $this->string('note')->trim()->value() ?: null;
    }
}
