<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;

/** Lifting a stop is a decision: not for apprentices, and never without a reason. */
class LiftStopRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['reason' => ['required', 'string', 'max:'.Longest::REASON]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => 'Say why the stop no longer holds.'];
    }

    public function reason(): string
    {
        return $this->string('reason')->trim()->value();
    }
}
