<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

class CountSpacerRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['quantity' => ['required', 'integer', 'min:0', 'max:1000'], 'lies_in' => ['nullable', 'string', 'max:60']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['quantity.*' => 'Count them: a whole number from 0 to 1000.'];
    }

    public function quantity(): int
    {
        return $this->integer('quantity');
    }

    public function liesIn(): ?string
    {
        return $this->string('lies_in')->trim()->value() ?: null;
    }
}
