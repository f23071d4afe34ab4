<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use App\Models\TokenScope;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rules\Enum;

use function array_filter;
use function array_map;
use function array_values;
use function is_string;

/** A token for a program: what it is called, what it may do, until when. */
class TokenRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'token_name' => ['required', 'string', 'max:'.Longest::NAME], 'scopes' => ['required', 'array'], 'scopes.*' => ['string',
                new Enum(TokenScope::class)],
            'until' => ['required', 'date_format:Y-m-d', 'after:today', 'before_or_equal:+1 year'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'token_name.required' => 'Which program is it for?', 'scopes.*' => 'What may it do?',
            'until.after' => 'It must open for a day at least.',
            'until.before_or_equal' => 'A year at most; then give it another.', 'until.*' => 'Until which day?',
        ];
    }

    public function name(): string
    {
        return $this->string('token_name')->trim()->value();
    }

    /** @return list<TokenScope> */
    public function scopes(): array
    {
        return array_values(array_map(TokenScope::from(...), array_filter((array) $this->input('scopes'), is_string(...))));
    }

    public function until(): Carbon
    {
        return Carbon::parse($this->string('until')->value())->endOfDay();
    }
}
