<?php

declare(strict_types=1);

namespace App\Actions\Calendar;

use App\Actions\StandsOtherwise;
use App\Actions\WorkshopAction;
use App\Models\User;
use App\Models\Workshop;

/** Keeps what an hour of work costs, or that nobody says. */
class KeepHourPrice extends WorkshopAction
{
    /** @param  ?float  $seen  what the person saw */
    public function __invoke(User $by, ?float $price, ?float $seen): void
    {
        $this->change($by, 'setHouse', function (Workshop $workshop) use ($price, $seen): void {
            $workshop->hour_price === $seen || throw StandsOtherwise::told('Somebody has said something else of what an hour costs',
                'hour_price');
            $workshop->forceFill(['hour_price' => $price])->save();
        });
    }
}
