<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Instruments\Wrench;
use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use NeatSpindle\Core\Ground\Measure\TorqueUnit;
use NeatSpindle\Core\Parts\Fastening\WrenchLine;

/** A torque that is found at a re-check, read from the wrench into the field that asks for it; nothing is kept yet. */
class RecheckWrenchRequest extends FormRequest
{
    use AsksInstruments;

    private ?float $nm = null;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['wrench' => ['required', 'string', 'max:'.Longest::STEP]];
    }

    /** @return array<string, mixed> what was typed so far, with the torque in its field */
    public function filledIn(): array
    {
        $shown = ($this->user()->torque_unit ?? TorqueUnit::NewtonMetre)->show((float) $this->nm);
        $typed = $this->except(['_token', '_method', 'form_key', 'wrench']);

        return array_replace_recursive($typed, ['torques' => [$this->string('wrench')->value() => $shown]]);
    }

    protected function passedValidation(): void
    {
        $this->nm = $this->askInstrument("torques.{$this->string('wrench')}", fn (): WrenchLine => app(Wrench::class)->lastPull())->nm;
    }
}
