<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Measuring\Survey\Instrument;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\SpotRow;

use function count;

/** The figures of several spots, typed in a row. */
class RowRequest extends FormRequest
{
    use ReadsQuantities;

    /** @var list<float> */
    private array $lengths = [];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $first = array_filter(Spot::cases(), fn (Spot $spot) => SpotRow::from($spot) !== null);

        return [
            'spot' => ['required', 'string', Rule::in(array_column($first, 'value'))],
            'row' => ['required', 'string', 'max:'.Longest::FIGURES],
            'row_instrument' => ['required', new Enum(Instrument::class)],
            'row_sure' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['row.required' => 'Nothing was typed. One figure after the other, with a space between.'];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $this->lengths = $this->quantity($validator, 'row', $this->lengths()->several(...)) ?? [];
            if ($validator->errors()->isEmpty()) {
                $this->expectPlausible($validator);
            }
        }];
    }

    public function row(): SpotRow
    {
        return SpotRow::from(Spot::from($this->string('spot')->value())) ?? abort(422);
    }

    /** @return non-empty-list<float> in mm */
    public function lengthsMm(): array
    {
        return $this->lengths === [] ? abort(422) : $this->lengths;
    }

    public function instrument(): Instrument
    {
        return Instrument::from($this->string('row_instrument')->value());
    }

    public function typed(): string
    {
        return $this->string('row')->value();
    }

    public function isSure(): bool
    {
        return $this->boolean('row_sure');
    }

    private function expectPlausible(Validator $validator): void
    {
        $row = $this->row();
        $unit = $this->user()->length_unit ?? LengthUnit::Millimetre;
        if (count($this->lengths) !== $row->count()) {
            $validator->errors()->add('row', "Expected {$row->count()} figures, one for each place; there are ".count($this->lengths).'.');

            return;
        }
        foreach ($row->spots as $i => $spot) {
            if (! $spot->allows($this->lengths[$i])) {
                $validator->errors()->add('row', sprintf(
                    '%s: %s cannot be, expected between %s and %s.',
                    $spot->label(), $unit->show($this->lengths[$i]), $unit->show($spot->least()), $unit->show($spot->most()),
                ));
            }
        }
    }
}
