<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Instruments\Caliper;
use App\Instruments\InstrumentIsSilent;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Survey\Instrument;

/** A reading taken from the caliper on the bench: judged like one that was typed. */
class CaliperRequest extends ReadingRequest
{
    /**
     * Merges the reading into the request at hand as well, so that it comes back to the field when it is asked about.
     *
     * @throws ValidationException with what the instrument had to say
     */
    protected function prepareForValidation(): void
    {
        try {
            $reading = ['typed' => app(Caliper::class)->read(), 'instrument' => Instrument::Caliper->value];
            $this->merge($reading);
            request()->merge($reading);
        } catch (InstrumentIsSilent $silent) {
            throw ValidationException::withMessages(['typed' => $silent->getMessage()]);
        }
    }
}
