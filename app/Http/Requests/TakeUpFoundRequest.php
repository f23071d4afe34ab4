<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;

use function array_filter;
use function array_values;
use function is_string;

/** Which steps of a bike that came back are done again. */
class TakeUpFoundRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['steps' => ['required', 'array', 'max:100'], 'steps.*' => ['string', 'max:'.Longest::STEP]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['steps.*' => 'Say which steps are done again.'];
    }

    /** @return list<string> */
    public function steps(): array
    {
        return array_values(array_filter((array) $this->input('steps'), is_string(...)));
    }
}
