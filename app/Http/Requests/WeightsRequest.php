<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** How much each cog will be ridden, smallest first. */
class WeightsRequest extends FormRequest
{
    private const MOST = 10;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['weights' => ['required', 'array'], 'weights.*' => ['required', 'numeric', 'min:0', 'max:'.self::MOST]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['weights.*' => 'Each weight is a number from 0 to 10.'];
    }

    /** @return list<float> */
    public function weights(): array
    {
        return array_map(fn (mixed $weight) => is_numeric($weight) ? (float) $weight : 0.0, array_values((array) $this->input('weights')));
    }
}
