<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\LogbookEntry;
use App\Models\User;

/** Fills every place as it was filled on a job of the logbook with the same motor; what it comes to on this bike the sums say. */
class UseLikeJob extends KitAction
{
    public function __invoke(Job $job, User $by, int $seen, int $number): void
    {
        ($this->change)($job, $by, 'choose', $seen, function (OpenJob $open) use ($by, $number): void {
            $entry = LogbookEntry::query()->for($open->job)->where('jobs.number', $number)->first();
            if ($entry === null || $entry->pieces === [] || $entry->motor !== $open->motor()?->part->code) {
                $this->refuse('way', 'The logbook has no such job with this motor any more: look again.');
            }
            $this->kit->alter(
                $open, $by, "As on job {$number}", array_keys($entry->pieces), fn (Kit $kit) => $kit->fill(['by_hand' => $entry->pieces]),
            );
        });
    }
}
