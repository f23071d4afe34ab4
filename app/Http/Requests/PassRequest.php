<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;

/** To go on with a step that is held, and why. */
class PassRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'step' => ['required', 'string', 'max:34'],
            'hold' => ['required', 'string', 'max:40'],
            'because' => ['required', 'string', 'max:'.Longest::REASON_BESIDE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['because.required' => 'Say why it may be done all the same: name and reason stay on the hand-over sheet.'];
    }

    public function step(): string
    {
        return $this->string('step')->value();
    }

    /** The mark of what held it when the person looked. */
    public function hold(): string
    {
        return $this->string('hold')->value();
    }

    public function because(): string
    {
        return $this->string('because')->trim()->value();
    }
}
