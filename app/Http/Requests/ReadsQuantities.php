<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Validator;
use NeatSpindle\Core\Ground\Measure\CannotReadQuantity;
use NeatSpindle\Core\Ground\Measure\LengthText;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Ground\Measure\TorqueText;
use NeatSpindle\Core\Ground\Measure\TorqueUnit;

/** For requests with lengths and torques as people type them. */
trait ReadsQuantities
{
    private function lengths(): LengthText
    {
        return new LengthText($this->user()->length_unit ?? LengthUnit::Millimetre);
    }

    private function torques(): TorqueText
    {
        return new TorqueText($this->user()->torque_unit ?? TorqueUnit::NewtonMetre);
    }

    /** How long a lead is, in mm; 0 where the field does not say, and then it says why. */
    private function leadLength(Validator $validator, string $field): float
    {
        $mm = $this->quantity($validator, $field, $this->lengths()->mm(...)) ?? 0.0;
        if ($mm < 0 || $mm > 10_000.0) {
            $validator->errors()->add($field, 'A lead is from 0 to 10,000 mm long.');
        }

        return $mm;
    }

    /**
     * What a field holds; null where it cannot be read, and then the field says why.
     *
     * @template T
     *
     * @param  callable(string): T  $read
     * @return T|null
     */
    private function quantity(Validator $validator, string $field, callable $read): mixed
    {
        try {
            return $read($this->string($field)->value());
        } catch (CannotReadQuantity $e) {
            $validator->errors()->add($field, $e->getMessage());

            return null;
        }
    }
}
