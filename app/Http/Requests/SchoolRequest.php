<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NeatSpindle\Core\Ground\House\School;

/** How a question of the house is answered, and why; for the workshop, or for one job. */
class SchoolRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'school' => ['required', 'string', Rule::enum(School::class)],
            'why' => ['required', 'string', 'max:'.Longest::REASON],
            'seen' => ['required', 'integer', 'min:0'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['school.*' => 'Choose one of them.', 'why.required' => 'Say why: the reason stays on record.'];
    }

    public function school(): School
    {
        return School::from($this->string('school')->value());
    }

    public function why(): string
    {
        return $this->string('why')->trim()->value();
    }

    /** What the person saw: the answer that stood, or the version of the job. */
    public function seen(): int
    {
        return $this->integer('seen');
    }
}
