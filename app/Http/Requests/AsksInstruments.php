<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Instruments\InstrumentIsSilent;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Ground\Measure\CannotReadLine;

/** For requests that take a figure from an instrument on the bench. */
trait AsksInstruments
{
    /**
     * @template T
     *
     * @param  string  $field  where it is said that nothing came
     * @param  callable(): T  $ask
     * @return T
     *
     * @throws ValidationException with what the instrument had to say
     */
    private function askInstrument(string $field, callable $ask): mixed
    {
        try {
            return $ask();
        } catch (InstrumentIsSilent|CannotReadLine $e) {
            throw ValidationException::withMessages([$field => $e->getMessage()]);
        }
    }

    /**
     * Put in as if it had been typed, so that it comes back to the field when it is asked about.
     *
     * @param  array<string, string>  $read
     */
    private function asTyped(array $read): void
    {
        $this->merge($read);
        request()->merge($read);
    }
}
