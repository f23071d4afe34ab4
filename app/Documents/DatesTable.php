<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use App\Models\Workshop;
use App\Planning\WorkshopPlan;
use NeatSpindle\Core\Whole\Schedule\WallClock;

/** Every open job with its dates as a table: `number, bike, promised_on, honest_on, careful_on, parts_on`. */
class DatesTable
{
    /** @return list<list<string>> the headings first */
    public static function of(Workshop $workshop): array
    {
        $plan = WorkshopPlan::of($workshop);
        $day = fn (?int $day): string => $day === null ? '' : WallClock::dayText($day);
        $done = fn (?int $time): ?int => $time === null ? null : WorkshopPlan::dayOf($time);

        return [['number', 'bike', 'promised_on', 'honest_on', 'careful_on', 'parts_on'],
            ...array_values($plan->jobs->map(fn (Job $job): array => [
                (string) $job->number, $job->bike->label, $day($job->promisedDay()), $day($plan->honest($job)),
                $day($done($plan->careful($job))),
                (string) $job->parts_on?->format('Y-m-d'),
            ])->all())];
    }
}
