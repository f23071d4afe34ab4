<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use NeatSpindle\Core\Whole\Prove\SettingName;

use function count;

/** All that was set in the display, a field for each; what was left empty is nothing that was said. */
class SettingsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'values' => ['required', 'array:'.implode(',', array_column(SettingName::cases(), 'value'))],
            'values.*' => ['nullable', 'string', 'max:'.Longest::SETTING],
            'saw' => ['nullable', 'array', 'max:'.count(SettingName::cases())],
            'saw.*' => ['nullable', 'integer', 'min:0'],
        ];
    }

    /** @return array<string, string> what was typed, by the setting's code */
    public function typed(): array
    {
        $typed = [];
        foreach (SettingName::cases() as $name) {
            $value = $this->string("values.{$name->value}")->trim()->value();
            $value === '' ?: $typed[$name->value] = $value;
        }

        return $typed;
    }

    /** @return array<string, int> the settings that stood on the page, 0 where none did */
    public function saw(): array
    {
        return array_map(fn (mixed $id) => is_numeric($id) ? (int) $id : 0, array_combine(
            array_column(SettingName::cases(), 'value'),
            array_map(fn (SettingName $name) => $this->input("saw.{$name->value}"), SettingName::cases()),
        ));
    }
}
