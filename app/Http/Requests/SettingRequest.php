<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NeatSpindle\Core\Whole\Prove\SettingName;

/** Something that was set in the display. Its figure is in the unit that stands beside it. */
class SettingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', Rule::enum(SettingName::class)],
            'value' => ['required', 'string', 'max:'.Longest::SETTING],
            'reason' => ['nullable', 'string', 'max:'.Longest::REASON],
            'law' => ['nullable', 'string', 'max:'.Longest::REASON],
            'seen' => ['nullable', 'integer', 'min:0'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['value.required' => 'What does the display say?'];
    }

    public function name(): SettingName
    {
        return SettingName::from($this->string('name')->value());
    }

    /** As it was typed. */
    public function value(): string
    {
        return $this->string('value')->value();
    }

    /** The setting that stood on the page; 0 where none did. */
    public function seen(): int
    {
        return $this->integer('seen');
    }

    public function said(string $field): ?string
    {
        return $this->string($field)->trim()->value() ?: null;
    }
}
