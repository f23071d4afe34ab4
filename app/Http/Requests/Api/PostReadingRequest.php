<?php

declare(strict_types=1);

namespace App\Http\Requests\Api;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Measuring\Survey\Instrument;
use NeatSpindle\Core\Measuring\Survey\Spot;

use function sprintf;

/** A reading as an instrument’s own box sends it: in mm. */
class PostReadingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $measured = array_filter(Spot::cases(), fn (Spot $spot) => $spot->kind()->isMeasured());

        return [
            'spot' => ['required', 'string', Rule::in(array_column($measured, 'value'))], 'value_mm' => ['required', 'numeric',
                'between:-10000,10000'],
            'plus_minus_mm' => ['nullable', 'numeric', 'between:0,100'], 'instrument' => ['nullable', 'string',
                new Enum(Instrument::class)],
            'afresh' => ['nullable', 'boolean'], 'sure' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'spot.*' => 'No such spot is measured.', 'value_mm.*' => 'Expected a length in mm.',
            'plus_minus_mm.*' => 'Expected a doubt from 0 to 100 mm.',
            'instrument.*' => 'No such instrument is known.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && ! $this->spot()->allows($this->float('value_mm'))) {
                $validator->errors()->add('value_mm', sprintf(
                    '%s mm cannot be: %s is expected between %s and %s mm.', $this->float('value_mm'), lcfirst($this->spot()->label()),
                    $this->spot()->least(), $this->spot()->most(),
                ));
            }
        }];
    }

    public function spot(): Spot
    {
        return Spot::from($this->string('spot')->value());
    }

    public function instrument(): Instrument
    {
        return Instrument::tryFrom($this->string('instrument')->value()) ?? $this->spot()->instrument() ?? Instrument::Caliper;
    }

    public function measurement(): Measurement
    {
        $user = $this->user();
        $doubt = $user instanceof User ? $user->doubtMm($this->instrument()) : $this->instrument()->doubtMm();

        return $this->filled('plus_minus_mm')
            ? Measurement::within($this->float('value_mm'), $this->float('plus_minus_mm')) : Measurement::fromReadings([$this->float('value_mm')], $doubt);
    }

    /** As the log keeps what was sent. */
    public function typed(): string
    {
        return $this->filled('plus_minus_mm') ? "{$this->float('value_mm')} ± {$this->float('plus_minus_mm')} mm" : "{$this->float('value_mm')} mm";
    }
}
