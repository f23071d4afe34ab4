<?php

declare(strict_types=1);

namespace App\Actions\Calendar;

use App\Actions\WorkshopAction;
use App\Models\Absence;
use App\Models\User;
use App\Models\Workshop;

/** Somebody is at the bench after all; what was noted stays on record. */
class TakeAbsenceBack extends WorkshopAction
{
    public function __invoke(User $by, int $absence): void
    {
        $this->change($by, 'plan', function (Workshop $workshop) use ($absence): void {
            Absence::query()->whereIn('user_id', $workshop->users()->select('id'))->whereNull('taken_back_at')
                ->findOrFail($absence)->update(['taken_back_at' => now()]);
        });
    }
}
