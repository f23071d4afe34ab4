<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bench\JobSheet;
use App\Models\Job;
use App\Models\StepRecord;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Measure\CannotReadQuantity;
use NeatSpindle\Core\Measure\TorqueText;
use NeatSpindle\Core\Measure\TorqueUnit;
use NeatSpindle\Core\Sheet\BuildSheet;
use NeatSpindle\Core\Sheet\Compound;
use NeatSpindle\Core\Sheet\SheetStep;

/** What was really done at a step of the build. */
class BuildStepRequest extends FormRequest
{
    private const MOST_TORQUE_NM = 500.0;

    private ?BuildSheet $sheet = null;

    private ?float $torqueNm = null;

    public function authorize(): bool
    {
        return $this->user()?->can('work', $this->job()) ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'step' => ['required', Rule::in(array_map(fn (SheetStep $step) => $step->code, $this->sheet()->steps))],
            'state' => ['required', Rule::in([StepRecord::DONE, StepRecord::STOPPED, 'undone'])],
            'torque' => ['nullable', 'string', 'max:40'],
            'compound' => ['nullable', new Enum(Compound::class)],
            'note' => ['nullable', 'string', 'max:500', Rule::requiredIf($this->input('state') === StepRecord::STOPPED)],
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
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty() || $this->input('state') !== StepRecord::DONE) {
                return;
            }
            $stop = JobSheet::open($this->job())->stop();
            if ($stop !== null) {
                $validator->errors()->add('state', "The job is stopped: {$stop} Nothing is built until the stop is lifted.");
            }
            $held = $this->heldBackBy();
            if ($held !== null) {
                $validator->errors()->add('state', "This waits for “{$held}”, which failed its check.");
            }
            $this->readTorque($validator);
        }];
    }

    public function step(): SheetStep
    {
        return $this->sheet()->step($this->string('step')->value()) ?? abort(404);
    }

    /** @return array<string, mixed> */
    public function asked(): array
    {
        $step = $this->step();

        return [
            'title' => $step->title,
            'torque_nm' => $step->torque === null ? null : [$step->torque->low, $step->torque->high],
            'compound' => $step->compound?->value,
        ];
    }

    /** @return array{state: string, torque_nm: ?float, compound: ?string, note: ?string}|null */
    public function done(): ?array
    {
        $state = $this->string('state')->value();

        return $state === 'undone' ? null : [
            'state' => $state,
            'torque_nm' => $this->torqueNm,
            'compound' => $this->string('compound')->value() ?: null,
            'note' => $this->string('note')->trim()->value() ?: null,
        ];
    }

    private function readTorque(Validator $validator): void
    {
        $typed = $this->string('torque')->trim()->value();
        if ($typed === '') {
            if ($this->step()->recordsTorque) {
                $validator->errors()->add('torque', 'Write down the torque it was really given.');
            }

            return;
        }
        try {
            $this->torqueNm = (new TorqueText($this->user()->torque_unit ?? TorqueUnit::NewtonMetre))->nm($typed);
            if ($this->torqueNm <= 0 || $this->torqueNm > self::MOST_TORQUE_NM) {
                $validator->errors()->add('torque', 'No part of this job is torqued like that: expected more than 0, at most 500 N·m.');
            }
        } catch (CannotReadQuantity $e) {
            $validator->errors()->add('torque', $e->getMessage());
        }
    }

    /** The title of the stopped step this one depends on. */
    private function heldBackBy(): ?string
    {
        $stopped = $this->job()->stepRecords->where('sheet', 'build')->where('state', StepRecord::STOPPED)->pluck('step')->all();
        $held = $this->sheet()->heldBack(array_values($stopped))[$this->string('step')->value()] ?? null;

        return $held === null ? null : $this->sheet()->step($held)?->title;
    }

    private function job(): Job
    {
        $job = $this->route('job');

        return $job instanceof Job ? $job : abort(404);
    }

    private function sheet(): BuildSheet
    {
        return $this->sheet ??= JobSheet::openWithRoutes($this->job())->buildSheet() ?? abort(404);
    }
}
