<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\BoxState;
use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What became of a piece of the motor's box. */
class BoxRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'position' => ['required', 'integer', 'between:0,199'],
            'state' => ['required', 'string', Rule::enum(BoxState::class)],
            'seen' => ['nullable', 'integer', 'min:0'],
            'note' => [
                'nullable', 'string', 'max:'.Longest::SHORT_NOTE, Rule::requiredIf($this->input('state') === BoxState::Wrong->value),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['note.required' => 'Say what is wrong with it, for the maker.'];
    }

    /** The record that stood on the page; 0 where none did. */
    public function seen(): int
    {
        return $this->integer('seen');
    }

    public function position(): int
    {
        return $this->integer('position');
    }

    public function state(): BoxState
    {
        return BoxState::from($this->string('state')->value());
    }

    public function note(): ?string
    {
        return $this->string('note')->trim()->value() ?: null;
    }
}
