<?php

declare(strict_types=1);

namespace App\Http\Requests;

use NeatSpindle\Core\Measuring\Survey\Spot;

/** The speed sensor's gap, typed where its maker's limits stand: a new one counts instead of the one before. */
class SensorGapRequest extends ReadingRequest
{
    protected function prepareForValidation(): void
    {
        $this->merge(['spot' => Spot::SensorGap->value, 'instrument' => Spot::SensorGap->instrument()?->value]);
    }
}
