<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Instruments\Scale;

/** How a bike will be ridden, with the mass that stands on the scale. */
class WeighRequest extends RidingRequest
{
    use AsksInstruments;

    protected function prepareForValidation(): void
    {
        $kg = $this->askInstrument('mass_kg', fn (): float => app(Scale::class)->weigh());
        $this->asTyped(['mass_kg' => (string) round($kg, 1)]);
        parent::prepareForValidation();
    }
}
