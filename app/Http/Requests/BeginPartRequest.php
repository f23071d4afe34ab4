<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Enum;
use NeatSpindle\Core\Whole\Measured\PartKind;

/** What lies on the bench to be measured. */
class BeginPartRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['kind' => ['required', 'string', new Enum(PartKind::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kind.*' => 'Say what lies there: choose one of those.'];
    }

    public function kind(): PartKind
    {
        return PartKind::from($this->string('kind')->value());
    }
}
