<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Orders\ExpectOrder;
use App\Models\Order;
use App\Planning\WhatIf;

/** Another day on which an order is expected. */
class ExpectOrderRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + ['expected_on' => ['required', 'date_format:Y-m-d', 'after_or_equal:today', 'before:+3 years']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'expected_on.required' => 'On which day?', 'expected_on.date_format' => 'Write the date as year-month-day, for example 2027-03-14.',
            'expected_on.after_or_equal' => 'That day is over.', 'expected_on.before' => 'Nothing is on its way for so long.',
        ];
    }

    public function day(): string
    {
        return $this->string('expected_on')->value();
    }

    public function whatIf(Order $order): WhatIf
    {
        return new WhatIf(ExpectOrder::plans($order, $this->day()));
    }
}
