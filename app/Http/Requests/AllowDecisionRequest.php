<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;

/** An owner answers for a decision, with a reason. */
class AllowDecisionRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['decision' => ['required', 'integer'], 'because' => ['required', 'string', 'max:'.Longest::REASON]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['because.required' => 'Say why it may be so: your name and reason stay on record.'];
    }

    public function decision(): int
    {
        return $this->integer('decision');
    }

    public function reason(): string
    {
        return $this->string('because')->trim()->value();
    }
}
