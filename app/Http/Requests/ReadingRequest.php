<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Measure\CannotReadQuantity;
use NeatSpindle\Core\Measure\LengthText;
use NeatSpindle\Core\Measure\LengthUnit;
use NeatSpindle\Core\Measure\Measurement;
use NeatSpindle\Core\Survey\Instrument;
use NeatSpindle\Core\Survey\Spot;
use NeatSpindle\Core\Survey\SurveyPlan;

/** A length, or several, typed at a spot of the survey. */
class ReadingRequest extends FormRequest
{
    private ?Measurement $measurement = null;

    public function authorize(): bool
    {
        $job = $this->route('job');

        return $job instanceof Job && ($this->user()?->can('work', $job) ?? false);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $measured = array_filter(SurveyPlan::spots(), fn (Spot $spot) => $spot->kind->isMeasured());

        return [
            'spot' => ['required', Rule::in(array_keys($measured))],
            'typed' => ['required', 'string', 'max:500'],
            'instrument' => ['required', new Enum(Instrument::class)],
            'afresh' => ['nullable', 'boolean'],
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
            try {
                $this->measurement = (new LengthText($this->unit()))->measurement($this->typed(), $this->instrument()->doubtMm());
                $this->expectPlausible($validator, $this->measurement);
            } catch (CannotReadQuantity $e) {
                $validator->errors()->add('typed', $e->getMessage());
            }
        }];
    }

    public function spot(): Spot
    {
        return SurveyPlan::spot($this->string('spot')->value()) ?? abort(404);
    }

    public function measurement(): Measurement
    {
        return $this->measurement ?? abort(422);
    }

    public function instrument(): Instrument
    {
        return Instrument::from($this->string('instrument')->value());
    }

    public function typed(): string
    {
        return $this->string('typed')->value();
    }

    public function isAfresh(): bool
    {
        return $this->boolean('afresh');
    }

    private function unit(): LengthUnit
    {
        return $this->user()->length_unit ?? LengthUnit::Millimetre;
    }

    private function expectPlausible(Validator $validator, Measurement $measurement): void
    {
        $spot = $this->spot();
        foreach ($measurement->readings ?: [$measurement->value] as $mm) {
            if (! $spot->allows($mm)) {
                $validator->errors()->add('typed', sprintf(
                    '%s cannot be: %s is expected between %s and %s. Check the instrument’s zero and its unit.',
                    $this->unit()->show($mm), lcfirst($spot->label), $this->unit()->show($spot->least), $this->unit()->show($spot->most),
                ));

                return;
            }
        }
        if ($measurement->plusMinus > 100) {
            $validator->errors()->add('typed', 'A doubt of more than 100 mm says nothing. Take the reading again.');
        }
    }
}
