<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Enum;
use NeatSpindle\Core\Parts\Stock\StockKind;

/** Something new for the book of what is kept. */
class AddStockRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', 'string', new Enum(StockKind::class)],
            'name' => ['required', 'string', 'max:'.Longest::NAME],
            'count' => ['required', 'integer', 'min:0', 'max:10000'],
            'lies_in' => ['nullable', 'string', 'max:'.Longest::DRAWER_PLACE],
            'minimum' => ['nullable', 'integer', 'min:0', 'max:10000'],
            'good_until' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.*' => 'Say what kind of thing it is.', 'name.required' => 'What is it called?', 'count.*' => 'Count them: a whole number from 0 to 10000.',
            'minimum.*' => 'A whole number, or nothing.', 'good_until.*' => 'A day as 2027-03-31, or nothing.',
        ];
    }

    public function kind(): StockKind
    {
        return StockKind::from($this->string('kind')->value());
    }

    /** @return array{lies_in: ?string, minimum: ?int, good_until: ?string} */
    public function more(): array
    {
        return [
            'lies_in' => $this->string('lies_in')->trim()->value() ?: null, 'minimum' => $this->filled('minimum') ? $this->integer('minimum') : null,
            'good_until' => $this->string('good_until')->value() ?: null,
        ];
    }
}
