<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Enum;
use NeatSpindle\Core\Measuring\Survey\Subject;

use function array_filter;
use function array_map;
use function array_values;
use function is_string;

/** Several things of a donor that were looked at and are fine. */
class RestFineRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'subjects' => ['required', 'array', 'max:40'],
            'subjects.*' => ['string', new Enum(Subject::class)],
            'back' => ['nullable', 'in:strip'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['subjects.*' => 'Say what was looked at: open Condition afresh, and press once more.'];
    }

    /** Which place it was said at. */
    public function backTo(): string
    {
        return $this->string('back')->value() === 'strip' ? 'job.strip' : 'job.condition';
    }

    /** @return list<Subject> */
    public function subjects(): array
    {
        return array_values(array_map(Subject::from(...), array_filter((array) $this->input('subjects'), is_string(...))));
    }
}
