<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Enum;
use NeatSpindle\Core\Measuring\Survey\Instrument;

/** Which doubt a person's readings with an instrument have from now on. */
class HandDoubtRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['instrument' => ['required', 'string', new Enum(Instrument::class)], 'own' => ['required', 'boolean']];
    }

    public function instrument(): Instrument
    {
        return Instrument::from($this->string('instrument')->value());
    }

    public function isOwn(): bool
    {
        return $this->boolean('own');
    }
}
