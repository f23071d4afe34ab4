<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\SheetAddress;
use App\Models\User;

/** Gives a customer a private address of the sheet, which ends after so many days. */
class GiveSheetAddress extends JobAction
{
    public function __invoke(Job $job, User $by, int $days): void
    {
        ($this->change)($job, $by, 'shareSheet', null, function (OpenJob $open) use ($job, $by, $days): void {
            if ($open->job->handed_over_at === null) {
                $this->refuse('days', 'There is no sheet to give before the bike is handed over.');
            }
            if (SheetAddress::query()->where('job_id', $job->id)->opening()->count() >= SheetAddress::MOST) {
                $this->refuse('days', 'That is as many as open at one time: call one back first.');
            }
            SheetAddress::query()->create(['job_id' => $job->id, 'user_id' => $by->id, 'given_at' => now(), 'expires_at' => now()->addDays($days)]);
        });
    }
}
