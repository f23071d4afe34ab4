<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;

class CountSpacerRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'quantity' => ['required', 'integer', 'min:0', 'max:1000'], 'lies_in' => ['nullable', 'string', 'max:'.Longest::DRAWER_PLACE],
            'seen_quantity' => ['required', 'integer', 'min:0', 'max:65535'], 'seen_lies_in' => ['nullable', 'string', 'max:'.Longest::DRAWER_PLACE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['quantity.*' => 'Count them: a whole number from 0 to 1000.', 'seen_*' => 'Open the drawer again and count from there.'];
    }

    /** @return array{quantity: int, lies_in: ?string} what the person saw */
    public function seen(): array
    {
        return $this->pair('seen_');
    }

    /** @return array{quantity: int, lies_in: ?string} */
    public function typed(): array
    {
        return $this->pair('');
    }

    /** @return array{quantity: int, lies_in: ?string} */
    private function pair(string $prefix): array
    {
        return ['quantity' => $this->integer("{$prefix}quantity"), 'lies_in' => $this->string("{$prefix}lies_in")->trim()->value() ?: null];
    }
}
