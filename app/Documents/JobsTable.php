<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;

/** Every job of a workshop as a table: `number, bike, kind, customer, stage, waits_for, promised_on, handed_over_on, ended_as`. */
class JobsTable
{
    /** @return list<list<string>> the headings first */
    public static function of(int $workshop): array
    {
        $rows = [['number', 'bike', 'kind', 'customer', 'stage', 'waits_for', 'promised_on', 'handed_over_on', 'ended_as']];
        foreach (Job::query()->where('workshop_id', $workshop)->withCustomer()->with('bike')->orderBy('number')->lazy(500) as $job) {
            $rows[] = [
                (string) $job->number, $job->bike->label, $job->bike->kind->value, $job->customer_name, $job->stage->value,
                $job->waits_for->value,
                (string) $job->promised_on?->format('Y-m-d'), (string) $job->handed_over_at?->format('Y-m-d'), $job->ended_as === null
                    ? '' : $job->ended_as->value,
            ];
        }

        return $rows;
    }
}
