<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Instruments\Wrench;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Parts\Fastening\WrenchLine;

/** A step done with the torque that the wrench on the bench was last pulled with: judged like one that was typed. */
class WrenchStepRequest extends BuildStepRequest
{
    use AsksInstruments;

    protected function prepareForValidation(): void
    {
        $pull = $this->askInstrument('torque', fn (): WrenchLine => app(Wrench::class)->lastPull());
        $objection = $pull->objection();
        if ($objection !== null) {
            throw ValidationException::withMessages(['torque' => $objection]);
        }
        $note = trim($this->string('note')->trim()->value().' '.$pull->note(today()->toDateString()));
        $this->asTyped(['torque' => "{$pull->nm} Nm", 'note' => $note]);
    }
}
