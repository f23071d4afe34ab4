<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Values\RidingWish;
use Illuminate\Validation\Rule;
use NeatSpindle\Core\Choosing\Hill\Surface;

/** How a bike will be ridden: load, rider, hill, surface, wind, battery. */
class RidingRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + [
            'mass_kg' => ['required', 'numeric', 'min:30', 'max:800'],
            'rider_w' => ['required', 'numeric', 'min:0', 'max:600'],
            'grade_percent' => ['required', 'numeric', 'min:0', 'max:45'],
            'surface' => ['required', Rule::enum(Surface::class)],
            'wind_kmh' => ['required', 'numeric', 'min:-60', 'max:60'],
            'assist_percent' => ['required', 'numeric', 'min:0', 'max:100'],
            'battery_wh' => ['required', 'numeric', 'min:50', 'max:5000'],
            'cut_off_kmh' => ['nullable', 'numeric', 'min:5', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'mass_kg.*' => 'Bike, rider and load together, from 30 to 800 kg.',
            'rider_w.*' => 'What the rider gives, from 0 to 600 W.',
            'grade_percent.*' => 'A grade from 0 to 45 percent.',
            'wind_kmh.*' => 'Headwind from -60 (from behind) to 60 km/h.',
            'assist_percent.*' => 'From 0 to 100 percent of the motor’s continuous power.',
            'battery_wh.*' => 'What the battery holds, from 50 to 5000 Wh.',
            'cut_off_kmh.*' => 'The speed at which the motor stops helping, from 5 to 80 km/h; nothing when it does not.',
        ];
    }

    public function riding(): RidingWish
    {
        $riding = ['surface' => $this->string('surface')->value()];
        foreach (['mass_kg', 'rider_w', 'grade_percent', 'wind_kmh', 'assist_percent', 'battery_wh', 'cut_off_kmh'] as $key) {
            if ($this->filled($key)) {
                $riding[$key] = $this->float($key);
            }
        }

        return RidingWish::fromArray($riding);
    }

    /** A comma is as good as a point. */
    protected function prepareForValidation(): void
    {
        $figures = array_filter($this->only(['mass_kg', 'rider_w', 'grade_percent', 'wind_kmh', 'assist_percent', 'battery_wh', 'cut_off_kmh']), is_string(...));
        $this->merge(array_map(fn (string $typed) => str_replace(',', '.', trim($typed)), $figures));
    }
}
