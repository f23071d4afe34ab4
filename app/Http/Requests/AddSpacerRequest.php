<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\DrawerTable;
use App\Models\Spacer;
use App\Models\Workshop;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Measure\CannotReadQuantity;
use NeatSpindle\Core\Measure\LengthText;
use NeatSpindle\Core\Measure\LengthUnit;
use NeatSpindle\Core\Stack\SpacerUse;

/** A new kind of spacer for the drawer. */
class AddSpacerRequest extends FormRequest
{
    private const MOST_ROWS = 300;

    private float $mm = 0.0;

    public function authorize(): bool
    {
        return $this->user()?->can('countDrawer', $this->user()->workshop) ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'thickness' => ['required', 'string', 'max:30'],
            'new_quantity' => ['required', 'integer', 'min:0', 'max:1000'],
            'uses' => ['required', 'array'],
            'uses.*' => [Rule::enum(SpacerUse::class)],
            'new_lies_in' => ['nullable', 'string', 'max:60'],
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
            try {
                $this->mm = round((new LengthText($this->user()->length_unit ?? LengthUnit::Millimetre))->mm($this->string('thickness')->value()), 2);
            } catch (CannotReadQuantity $e) {
                $validator->errors()->add('thickness', $e->getMessage());
            }
            $this->expectSense($validator);
        }];
    }

    public function keep(): Spacer
    {
        return $this->workshop()->spacers()->create([
            'thickness_mm' => $this->mm,
            'uses' => $this->uses(),
            'quantity' => $this->integer('new_quantity'),
            'lies_in' => $this->input('new_lies_in'),
        ]);
    }

    private function expectSense(Validator $validator): void
    {
        if ($validator->errors()->isEmpty() && ($this->mm < 0.01 || $this->mm > 200)) {
            $validator->errors()->add('thickness', 'A spacer is thicker than 0 and at most 200 mm.');
        }
        $known = $this->workshop()->spacers()->get();
        if ($known->count() >= self::MOST_ROWS) {
            $validator->errors()->add('thickness', 'The drawer holds 300 kinds already; no more are kept.');
        }
        if ($known->contains(fn (Spacer $spacer) => DrawerTable::key($spacer->thickness_mm, $spacer->uses) === DrawerTable::key($this->mm, $this->uses()))) {
            $validator->errors()->add('thickness', 'The drawer has a row of this thickness and these uses already: count it there.');
        }
    }

    /** @return list<string> */
    private function uses(): array
    {
        /** @var list<string> $uses */
        $uses = array_values(array_filter((array) $this->input('uses'), is_string(...)));

        return $uses;
    }

    private function workshop(): Workshop
    {
        return $this->user()->workshop ?? abort(403);
    }
}
