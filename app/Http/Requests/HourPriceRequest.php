<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What an hour of work costs. */
class HourPriceRequest extends FormRequest
{
    use ReadsPrices;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['hour_price' => self::PRICE, 'seen' => self::PRICE];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['hour_price.*' => self::PRICE_SAYS];
    }

    public function price(): ?float
    {
        return $this->priceIn('hour_price');
    }

    public function seen(): ?float
    {
        return $this->priceIn('seen');
    }

    protected function prepareForValidation(): void
    {
        $this->readComma('hour_price');
    }
}
