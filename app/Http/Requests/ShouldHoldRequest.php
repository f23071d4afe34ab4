<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** How many of a hundred jobs a drawer should make clear. */
class ShouldHoldRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['percent' => ['required', 'integer', 'min:1', 'max:100']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['percent.*' => 'How many of a hundred: a whole number from 1 to 100.'];
    }

    public function percent(): int
    {
        return $this->integer('percent');
    }
}
