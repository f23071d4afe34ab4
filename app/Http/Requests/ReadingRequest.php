<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bench\Findings;
use App\Models\Job;
use App\Models\Reading;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Measure\CannotReadQuantity;
use NeatSpindle\Core\Measure\LengthText;
use NeatSpindle\Core\Measure\LengthUnit;
use NeatSpindle\Core\Measure\Measurement;
use NeatSpindle\Core\Survey\Instrument;
use NeatSpindle\Core\Survey\Outlier;
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
            try {
                $measurement = (new LengthText($this->unit()))->measurement($this->typed(), $this->instrument()->doubtMm());
                $this->measurement = $measurement;
                $this->expectPlausible($validator, $measurement);
                $this->askAboutOutlier($validator, $measurement);
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

    /** A reading out of line is asked about, not dropped. */
    private function askAboutOutlier(Validator $validator, Measurement $measurement): void
    {
        $job = $this->route('job');
        if (! $job instanceof Job || $this->isAfresh() || $this->boolean('sure') || $validator->errors()->isNotEmpty()) {
            return;
        }
        $standing = array_values(Findings::of($job)->readings($this->spot()->code)->map(fn (Reading $reading) => $reading->value_mm)->all());
        foreach ($measurement->readings as $mm) {
            $distance = Outlier::distance($standing, $mm, $this->instrument()->doubtMm());
            if ($distance !== null) {
                $validator->errors()->add('typed', "{$this->unit()->show($mm)} is {$this->unit()->show($distance)} away from the other readings. A slip, or dirt under a jaw? Take it again, or keep it if you are sure.");
                $validator->errors()->add('sure', 'asked');
            }
        }
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
