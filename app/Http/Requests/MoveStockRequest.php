<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use NeatSpindle\Core\Parts\Stock\Moved;

/** What came, went, broke or went back. */
class MoveStockRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'how' => ['required', 'string', new Enum(Moved::class)],
            'count' => ['required', 'integer', 'min:1', 'max:10000'],
            'job' => [
                Rule::requiredIf(Moved::tryFrom($this->string('how')->value())?->isForAJob() === true), 'nullable', 'integer',
                Rule::exists('jobs', 'number')->where('workshop_id', $this->user()?->workshop_id),
            ],
            'note' => ['nullable', 'string', 'max:'.Longest::SHORT_NOTE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'how.*' => 'Say what became of them.', 'count.*' => 'How many? A whole number from 1 to 10000.',
            'job.required' => 'For which job?', 'job.*' => 'No job of the workshop has this number.',
        ];
    }

    public function how(): Moved
    {
        return Moved::from($this->string('how')->value());
    }

    public function job(): ?Job
    {
        return $this->filled('job') ? Job::query()->where('number', $this->integer('job'))->first() : null;
    }
}
