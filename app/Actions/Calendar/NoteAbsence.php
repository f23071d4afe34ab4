<?php

declare(strict_types=1);

namespace App\Actions\Calendar;

use App\Actions\WorkshopAction;
use App\Models\Absence;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Validation\ValidationException;

/** Notes that somebody is not at the bench on some days. */
class NoteAbsence extends WorkshopAction
{
    public function __invoke(User $by, int $who, string $from, string $to): Absence
    {
        return $this->change($by, 'plan', function (Workshop $workshop) use ($by, $who, $from, $to): Absence {
            $person = $workshop->users()->whereNull('shut_out_at')
                ->find($who) ?? throw ValidationException::withMessages(['who' => 'Nobody here is called so any more.']);

            return Absence::query()->create(['user_id' => $person->id, 'by_id' => $by->id, 'from_on' => $from, 'to_on' => $to]);
        });
    }
}
