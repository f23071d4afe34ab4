<?php

declare(strict_types=1);

namespace App\Http\Requests;

use function is_numeric;

/** What of an order came, and what of that was wrong. */
class ReceiveOrderRequest extends VersionedRequest
{
    public function rules(): array
    {
        $count = ['nullable', 'integer', 'min:0', 'max:1000'];

        return parent::rules() + ['all' => ['nullable', 'boolean'], 'came' => ['required_without:all', 'array', 'max:1500'],
            'came.*' => $count, 'wrong' => ['nullable', 'array', 'max:1500'], 'wrong.*' => $count];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $whole = 'A whole number from 0 to 1000, or nothing.';

        return ['came.*.*' => $whole, 'wrong.*.*' => $whole, 'came.*' => 'Open the page again and say it there.'];
    }

    /** @return array<int, int>|null by line; null where all of it did */
    public function came(): ?array
    {
        return $this->boolean('all') ? null : $this->figures('came');
    }

    /** @return array<int, int> by line */
    public function wrong(): array
    {
        return $this->figures('wrong');
    }

    /** @return array<int, int> */
    private function figures(string $field): array
    {
        $figures = [];
        foreach ((array) $this->input($field) as $line => $count) {
            is_numeric($count) && $figures[(int) $line] = (int) $count;
        }

        return $figures;
    }
}
