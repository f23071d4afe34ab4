<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bench\JobSheet;
use App\Models\Job;
use App\Models\StepRecord;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Strip\StripStep;

class StripStepRequest extends FormRequest
{
    /** @var array<string, StripStep>|null */
    private ?array $steps = null;

    public function authorize(): bool
    {
        return $this->user()?->can('work', $this->job()) ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'step' => ['required', Rule::in(array_keys($this->steps()))],
            'state' => ['required', Rule::in([StepRecord::DONE, StepRecord::STOPPED, 'undone'])],
            'note' => ['nullable', 'string', 'max:500', Rule::requiredIf($this->input('state') === StepRecord::STOPPED)],
            'posture' => ['nullable', Rule::in(['upright', 'inverted'])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['note.required' => 'Say what was tried and why it stopped, so that the next person knows.'];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $stop = $this->job()->stopped_for;
            if ($stop !== null && $this->input('state') === StepRecord::DONE) {
                $validator->errors()->add('state', "The job is stopped: {$stop}. Nothing is taken off until the stop is lifted.");
            }
        }];
    }

    public function step(): StripStep
    {
        return $this->steps()[$this->string('step')->value()];
    }

    /** @return array{state: string, note: ?string}|null */
    public function done(): ?array
    {
        $state = $this->string('state')->value();

        return $state === 'undone' ? null : ['state' => $state, 'note' => $this->string('note')->trim()->value() ?: null];
    }

    private function job(): Job
    {
        $job = $this->route('job');

        return $job instanceof Job ? $job : abort(404);
    }

    /** @return array<string, StripStep> */
    private function steps(): array
    {
        return $this->steps ??= collect(JobSheet::open($this->job())->stripPlan()->steps)->keyBy('code')->all();
    }
}
