<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** One round along the shelves. */
class CountStockRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'counts' => ['required', 'array', 'max:1500'], 'counts.*' => ['required', 'integer', 'min:0', 'max:10000'],
            'saw' => ['required', 'array', 'max:1500'], 'saw.*' => ['required', 'integer', 'min:0', 'max:65535'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $again = 'Open the page again and count from there.';

        return ['counts.*.*' => 'Count them: a whole number from 0 to 10000.', 'counts.*' => $again, 'saw.*' => $again];
    }

    /** @return array<string, int> by the key of each */
    public function counts(): array
    {
        return $this->figures('counts');
    }

    /** @return array<string, int> */
    public function saw(): array
    {
        return $this->figures('saw');
    }

    /** @return array<string, int> */
    private function figures(string $field): array
    {
        $figures = [];
        foreach ((array) $this->input($field) as $key => $figure) {
            is_numeric($figure) && $figures[(string) $key] = (int) $figure;
        }

        return $figures;
    }
}
