<?php

declare(strict_types=1);

namespace App\Http\Requests;

use function is_string;
use function round;
use function str_replace;
use function trim;

/** For requests with a price: a figure of the workshop’s own, which nobody has to say. */
trait ReadsPrices
{
    private const PRICE = ['nullable', 'numeric', 'min:0', 'max:1000000'];

    private const PRICE_SAYS = 'A figure such as 12.50, or nothing.';

    /** A comma is as good as a point. */
    private function readComma(string $field): void
    {
        $typed = $this->input($field);
        is_string($typed) && $this->merge([$field => str_replace(',', '.', trim($typed))]);
    }

    private function priceIn(string $field): ?float
    {
        return $this->filled($field) ? round($this->float($field), 2) : null;
    }
}
