<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Measuring\Survey\Instrument;
use NeatSpindle\Core\Measuring\Survey\Spot;

/** A length, or several, typed at a spot of the survey. */
class ReadingRequest extends FormRequest
{
    use ReadsQuantities;

    private ?Measurement $measurement = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $measured = array_filter(Spot::cases(), fn (Spot $spot) => $spot->kind()->isMeasured());

        return [
            'spot' => ['required', 'string', Rule::in(array_column($measured, 'value'))],
            'typed' => ['required', 'string', 'max:'.Longest::FIGURES],
            'instrument' => ['required', new Enum(Instrument::class)],
            'afresh' => ['nullable', 'boolean'],
            'instead' => ['nullable', 'boolean'],
            'sure' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['typed.required' => 'Nothing was typed. Write what the instrument shows.'];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $read = fn (string $typed): Measurement => $this->lengths()->measurement($typed, $this->doubtMm());
            $this->measurement = $this->quantity($validator, 'typed', $read);
            if ($this->measurement !== null) {
                $this->expectPlausible($validator, $this->measurement);
            }
        }];
    }

    public function spot(): Spot
    {
        return Spot::from($this->string('spot')->value());
    }

    public function measurement(): Measurement
    {
        return $this->measurement ?? abort(422);
    }

    public function instrument(): Instrument
    {
        return Instrument::from($this->string('instrument')->value());
    }

    /** Of one reading with this instrument in these hands. */
    private function doubtMm(): float
    {
        return $this->user()?->doubtMm($this->instrument()) ?? $this->instrument()->doubtMm();
    }

    public function typed(): string
    {
        return $this->string('typed')->value();
    }

    public function isAfresh(): bool
    {
        return $this->boolean('afresh') || $this->boolean('instead');
    }

    public function isSure(): bool
    {
        return $this->boolean('sure');
    }

    private function expectPlausible(Validator $validator, Measurement $measurement): void
    {
        $spot = $this->spot();
        $unit = $this->user()->length_unit ?? LengthUnit::Millimetre;
        foreach ($measurement->readings ?: [$measurement->value] as $mm) {
            if (! $spot->allows($mm)) {
                $validator->errors()->add('typed', sprintf(
                    '%s cannot be: %s is expected between %s and %s. Check the instrument’s zero and its unit.',
                    $unit->show($mm), lcfirst($spot->label()), $unit->show($spot->least()), $unit->show($spot->most()),
                ));

                return;
            }
        }
        if ($measurement->plusMinus > 100) {
            $validator->errors()->add('typed', 'A doubt of more than 100 mm says nothing. Take the reading again.');
        }
    }
}
