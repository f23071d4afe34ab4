<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

class CountSpacerRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('countDrawer', $this->user()->workshop) ?? false;
    }

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
}
