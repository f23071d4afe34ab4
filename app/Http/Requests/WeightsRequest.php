<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;

/** How much each cog will be ridden, smallest first. */
class WeightsRequest extends FormRequest
{
    private const MOST = 10;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'seen' => ['nullable', 'string', 'max:'.Longest::ANSWER],
            'weights' => ['required', 'array'],
            'weights.*' => ['required', 'numeric', 'min:0', 'max:'.self::MOST],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['weights.*' => 'Each weight is a number from 0 to 10.'];
    }

    /** The weights that stood on the page; empty where none were given. */
    public function seen(): string
    {
        return $this->string('seen')->value();
    }

    /** @return list<float> */
    public function weights(): array
    {
        return array_map(fn (mixed $weight) => is_numeric($weight) ? (float) $weight : 0.0, array_values((array) $this->input('weights')));
    }
}
