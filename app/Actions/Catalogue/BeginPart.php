<?php

declare(strict_types=1);

namespace App\Actions\Catalogue;

use App\Actions\WorkshopAction;
use App\Models\MeasuredPart;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Whole\Measured\PartKind;

/** Begins a part that has no papers: nothing of it is measured yet. */
class BeginPart extends WorkshopAction
{
    public function __invoke(User $by, PartKind $kind): MeasuredPart
    {
        return $this->change($by, 'measureParts', function (Workshop $workshop) use ($by, $kind): MeasuredPart {
            if ($workshop->measuredParts()->count() >= MeasuredPart::MOST) {
                throw ValidationException::withMessages(['kind' => 'At most '.MeasuredPart::MOST.' parts are measured here. Drop those that nobody finishes.']);
            }

            return $workshop->measuredParts()->create([
                'user_id' => $by->id, 'kind' => $kind, 'code' => $this->code($workshop, $kind), 'figures' => [],
            ]);
        });
    }

    /** Counted up, past those that a catalogue has brought. */
    private function code(Workshop $workshop, PartKind $kind): string
    {
        $begins = $kind->isMotor() || $kind === PartKind::Nut ? 'motor' : $kind->value;
        $number = $workshop->measuredParts()->count() + 1;
        do {
            $code = "here-{$begins}-{$number}";
            $number++;
        } while ($workshop->measuredParts()->where('code', $code)->exists() || $workshop->{$kind->table()}()->where('code', $code)->exists());

        return $code;
    }
}
