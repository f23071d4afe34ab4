<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;

use function is_string;

/** A new kind of spacer for the drawer. */
class AddSpacerRequest extends FormRequest
{
    use ReadsQuantities;

    private float $mm = 0.0;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'thickness' => ['required', 'string', 'max:'.Longest::FIGURE],
            'new_quantity' => ['required', 'integer', 'min:0', 'max:1000'],
            'uses' => ['required', 'array'],
            'uses.*' => ['string', Rule::enum(SpacerUse::class)],
            'new_lies_in' => ['nullable', 'string', 'max:'.Longest::DRAWER_PLACE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'thickness.required' => 'How thick is it?',
            'new_quantity.*' => 'Count them: a whole number from 0 to 1000.',
            'uses.required' => 'Tick at least one thing it is good for.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->has('thickness')) {
                return;
            }
            $this->mm = round($this->quantity($validator, 'thickness', $this->lengths()->mm(...)) ?? 1.0, 2);
            if ($this->mm < 0.01 || $this->mm > SpacerRow::THICKEST_MM) {
                $validator->errors()->add('thickness', 'A spacer is thicker than 0 and at most '.SpacerRow::THICKEST_MM.' mm.');
            }
        }];
    }

    public function mm(): float
    {
        return $this->mm;
    }

    /** @return list<SpacerUse> */
    public function uses(): array
    {
        return array_map(fn (mixed $use) => SpacerUse::from(is_string($use) ? $use : ''), array_values(array_unique((array) $this->input('uses'))));
    }

    public function liesIn(): ?string
    {
        return $this->string('new_lies_in')->trim()->value() ?: null;
    }
}
