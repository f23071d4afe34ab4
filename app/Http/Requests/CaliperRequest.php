<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Instruments\Caliper;
use NeatSpindle\Core\Measuring\Survey\Instrument;

/** A reading taken from the caliper on the bench: judged like one that was typed. */
class CaliperRequest extends ReadingRequest
{
    use AsksInstruments;

    protected function prepareForValidation(): void
    {
        $typed = $this->askInstrument('typed', fn (): string => app(Caliper::class)->read());
        $this->asTyped(['typed' => $typed, 'instrument' => Instrument::Caliper->value]);
    }
}
