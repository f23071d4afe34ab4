<?php

declare(strict_types=1);

namespace App\Actions\Calendar;

use App\Actions\StandsOtherwise;
use App\Actions\WorkshopAction;
use App\Models\User;
use App\Models\Values\OpeningTimes;
use App\Models\Workshop;

/** Keeps when the workshop is open, the days it is closed, and whose clock hangs on its wall. */
class KeepHours extends WorkshopAction
{
    /**
     * @param  ?int  $stands  so many bikes hang at a time; null where that limits nothing
     * @param  string  $seen  the mark of the hours the person saw
     */
    public function __invoke(User $by, OpeningTimes $hours, string $zone, ?int $stands, string $seen): void
    {
        $this->change($by, 'setHouse', function (Workshop $workshop) use ($hours, $zone, $stands, $seen): void {
            if ($workshop->hoursMark() !== $seen) {
                throw StandsOtherwise::told('Somebody has changed the hours', 'hours');
            }
            $workshop->fill(['hours' => $hours, 'time_zone' => $zone, 'stands' => $stands])->save();
        });
    }
}
