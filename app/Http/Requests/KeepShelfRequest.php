<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;

/** Where something lies, and how many of it there should be at the least. */
class KeepShelfRequest extends FormRequest
{
    use ReadsPrices;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'lies_in' => ['nullable', 'string', 'max:'.Longest::DRAWER_PLACE], 'minimum' => ['nullable', 'integer', 'min:0', 'max:10000'],
            'seen' => ['nullable', 'string', 'max:64'], 'price' => self::PRICE,
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['minimum.*' => 'A whole number, or nothing.', 'price.*' => self::PRICE_SAYS];
    }

    public function price(): ?float
    {
        return $this->priceIn('price');
    }

    protected function prepareForValidation(): void
    {
        $this->readComma('price');
    }

    public function liesIn(): ?string
    {
        return $this->string('lies_in')->trim()->value() ?: null;
    }

    public function seen(): ?string
    {
        return $this->filled('seen') ? $this->string('seen')->value() : null;
    }

    public function minimum(): ?int
    {
        return $this->filled('minimum') ? $this->integer('minimum') : null;
    }
}
