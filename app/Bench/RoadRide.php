<?php

declare(strict_types=1);

namespace App\Bench;

use App\Assembly\RidingChoice;
use App\Models\Track;
use NeatSpindle\Core\Choosing\Ride\Ride;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

/** A customer's road, ridden with the bike, the motor and the load of a job. */
class RoadRide
{
    /** Null where the road cannot be ridden. */
    public static function of(OpenJob $open, Worksheet $worksheet, Track $track): ?Ride
    {
        $profile = $track->profile();
        if ($profile->objection() !== null) {
            return null;
        }
        $rider = RidingChoice::of($open->job->kit, $open->job->bike->kind)->rider();
        [$motor, $gears] = [$worksheet->job->kit->motor, $worksheet->gears];
        $kept = Kept::of($open, "ride {$track->id}", fn (): array => Ride::of($profile, $motor, $gears, $rider)->toArray($gears));

        return Ride::kept($profile, $gears, $rider, $kept);
    }
}
