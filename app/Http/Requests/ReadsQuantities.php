<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Validator;
use NeatSpindle\Core\Measure\CannotReadQuantity;
use NeatSpindle\Core\Measure\LengthText;
use NeatSpindle\Core\Measure\LengthUnit;
use NeatSpindle\Core\Measure\TorqueText;
use NeatSpindle\Core\Measure\TorqueUnit;

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
