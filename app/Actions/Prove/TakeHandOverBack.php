<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\HandOver;
use App\Models\Job;
use App\Models\User;

/** Takes a hand-over back, with a reason: the bike is in the workshop again, its job goes on, and the addresses of its sheet open nothing any more. */
class TakeHandOverBack extends JobAction
{
    public function __invoke(Job $job, User $by, string $reason): void
    {
        ($this->change)($job, $by, 'takeBack', null, function (OpenJob $open) use ($by, $reason): void {
            HandOver::takeBack($open->job, $by, $reason) || $this->refuse('because', 'This bike is not handed over: there is nothing to take back.');
        });
    }
}
