<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\JobEnd;
use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How a job ends without a hand-over, and why. */
class EndJobRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'ended_as' => ['required', 'string', Rule::enum(JobEnd::class)],
            'ended_because' => ['required', 'string', 'max:'.Longest::REASON],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['ended_as.*' => 'Given up, or fitted by another.', 'ended_because.required' => 'Say why: the next one who looks for such a frame wants to know.'];
    }

    public function as(): JobEnd
    {
        return JobEnd::from($this->string('ended_as')->value());
    }

    public function reason(): string
    {
        return $this->string('ended_because')->trim()->value();
    }
}
