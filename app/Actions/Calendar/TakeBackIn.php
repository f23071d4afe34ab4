<?php

declare(strict_types=1);

namespace App\Actions\Calendar;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\User;

/** Something that lay in other hands is back, or answered; that it was there stays on record. */
class TakeBackIn extends JobAction
{
    /** @param  int  $number  of what lay there, in the order in which it was noted */
    public function __invoke(Job $job, User $by, int $number): void
    {
        ($this->change)($job, $by, 'work', null, function (OpenJob $open) use ($by, $number): void {
            $open->job->elsewhere = $open->job->inOtherHands()->without($number, $by->id)
                ?? $this->refuse('elsewhere', 'Somebody has said so already.');
        });
    }
}
