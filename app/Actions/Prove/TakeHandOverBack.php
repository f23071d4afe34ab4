<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\HandOver;
use App\Models\Job;
use App\Models\SheetAddress;
use App\Models\User;

/** Takes a hand-over back, with a reason: the bike is in the workshop again, its job goes on, and the addresses of its sheet open nothing any more. */
class TakeHandOverBack extends JobAction
{
    public function __invoke(Job $job, User $by, string $reason): void
    {
        ($this->change)($job, $by, 'takeBack', null, function (OpenJob $open) use ($job, $by, $reason): void {
            $taken = HandOver::query()->where('job_id', $job->id)->whereNull('taken_back_at')
                ->update(['taken_back_at' => now(), 'taken_back_by_id' => $by->id, 'taken_back_because' => $reason]);
            $taken > 0 || $this->refuse('because', 'This bike is not handed over: there is nothing to take back.');
            SheetAddress::callBack([$job->id], $by);
            $open->job->handed_over_at = null;
        });
    }
}
