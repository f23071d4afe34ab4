<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use App\Models\StepState;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Ground\Measure\TorqueBand;
use NeatSpindle\Core\Holding\Build\Compound;
use NeatSpindle\Core\Parts\Fastening\Band;
use NeatSpindle\Core\Parts\Fastening\UsualBand;

/** What was really done at a step of the build. */
class BuildStepRequest extends StepRequest
{
    use ReadsQuantities;

    private const MOST_TORQUE_NM = 500.0;

    private ?float $torqueNm = null;

    private ?TorqueBand $band = null;

    public function rules(): array
    {
        return parent::rules() + [
            'torque' => ['nullable', 'string', 'max:'.Longest::FIGURE],
            'compound' => ['nullable', new Enum(Compound::class)],
            'sure' => ['nullable', 'string', 'max:'.Longest::FIGURE],
            'by_hand' => ['nullable', 'boolean'],
            'band' => ['nullable', 'string', 'max:'.Longest::FIGURE],
            'paper' => ['nullable', 'string', 'max:'.Longest::NAME],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['note.required' => 'Say what is wrong, so that the next person knows.'];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [$this->readBand(...), function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty() || $this->state() === null || $this->string('torque')->trim()->isEmpty()) {
                return;
            }
            $this->torqueNm = $this->quantity($validator, 'torque', $this->torques()->nm(...));
            if ($this->torqueNm !== null && ($this->torqueNm <= 0 || $this->torqueNm > self::MOST_TORQUE_NM)) {
                $validator->errors()->add('torque', 'No part of this job is torqued like that: expected more than 0, at most 500 N·m.');
            }
        }];
    }

    /** What stands on the part's paper; null where nothing was typed of it, or it is not needed. */
    public function paper(): ?Band
    {
        return $this->band === null ? null : new Band($this->band, $this->string('paper')->trim()->value());
    }

    private function readBand(Validator $validator): void
    {
        $isOnlyOffered = $this->boolean('by_hand') && $this->string('paper')->trim()->value() === UsualBand::SOURCE;
        if ($validator->errors()->isNotEmpty() || ! $this->isDone() || $isOnlyOffered || $this->string('band')->trim()->isEmpty()) {
            return;
        }
        $this->band = $this->quantity($validator, 'band', $this->torques()->band(...));
        if ($this->band !== null && ($this->band->low <= 0 || $this->band->high > self::MOST_TORQUE_NM)) {
            $validator->errors()->add('band', 'No part of this job is torqued like that: expected more than 0, at most 500 N·m.');
        }
        if ($this->string('paper')->trim()->isEmpty()) {
            $validator->errors()->add('paper', 'Say on which paper it stands, so that the next person can look.');
        }
    }

    /** Whether the person was asked about this very torque, and sends it again. */
    public function isSure(): bool
    {
        return $this->filled('sure') && $this->string('sure')->value() === $this->string('torque')->value();
    }

    /** @return array{state: StepState, torque_nm: ?float, by_hand: bool, compound: ?string, note: ?string}|null null takes the record back */
    public function done(): ?array
    {
        $state = $this->state();

        return $state === null ? null : [
            'state' => $state,
            'torque_nm' => $this->torqueNm,
            'by_hand' => $this->boolean('by_hand') && $this->torqueNm === null,
            'compound' => $this->string('compound')->value() ?: null,
            'note' => $this->note(),
        ];
    }
}
