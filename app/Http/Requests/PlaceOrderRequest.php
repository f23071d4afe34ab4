<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

use function array_fill_keys;
use function array_filter;
use function array_intersect_key;
use function array_keys;
use function is_numeric;
use function is_string;

/** What is ordered in one go, from whom, and for when. */
class PlaceOrderRequest extends FormRequest
{
    private const MOST = 1000;

    private const HOW_MANY = 'How many? A whole number from 1 to '.self::MOST.'.';

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'supplier' => ['required', 'string', 'max:'.Longest::NAME],
            'take' => ['nullable', 'array', 'max:1500'], 'take.*' => ['string', 'max:200'],
            'lines' => ['nullable', 'array', 'max:1500'], 'lines.*' => ['nullable', 'integer', 'min:0', 'max:'.self::MOST],
            'else' => ['nullable', 'string', 'max:'.Longest::NEED], 'else_count' => ['nullable', 'required_with:else', 'integer',
                'min:1', 'max:'.self::MOST],
            'expected_on' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:today', 'before:+3 years'],
            'note' => ['nullable', 'string', 'max:'.Longest::SHORT_NOTE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'supplier.required' => 'From whom is it ordered?', 'lines.*.*' => self::HOW_MANY,
            'else_count.*' => 'How many of it?',
            'expected_on.date_format' => 'Write the date as year-month-day, for example 2027-03-14.',
            'expected_on.after_or_equal' => 'That day is over.',
            'expected_on.before' => 'Nothing is on its way for so long.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $counts = array_filter($this->counts());
            foreach (array_keys($this->ticked()) as $key) {
                isset($counts[$key]) || $validator->errors()->has("lines.{$key}") || $validator->errors()->add("lines.{$key}", self::HOW_MANY);
            }
        }];
    }

    public function supplier(): string
    {
        return $this->string('supplier')->trim()->value();
    }

    /** @return array<string, int> how many of each that is ticked, by its key */
    public function counts(): array
    {
        $counts = [];
        foreach (array_intersect_key((array) $this->input('lines', []), $this->ticked()) as $key => $count) {
            is_numeric($count) && $counts[(string) $key] = (int) $count;
        }

        return $counts;
    }

    /** @return array<string, true> by key */
    private function ticked(): array
    {
        return array_fill_keys(array_filter((array) $this->input('take', []), is_string(...)), true);
    }

    /** @return ?array{string, int} */
    public function else(): ?array
    {
        return $this->filled('else') ? [$this->string('else')->trim()->value(), $this->integer('else_count')] : null;
    }

    public function expectedOn(): ?string
    {
        return $this->string('expected_on')->value() ?: null;
    }

    public function note(): ?string
    {
        return $this->string('note')->trim()->value() ?: null;
    }
}
