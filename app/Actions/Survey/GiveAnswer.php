<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Actions\JobAction;
use App\Models\Answer;
use App\Models\Job;
use App\Models\User;
use NeatSpindle\Core\Survey\Spot;

/** Keeps what was answered at a spot; a later answer supersedes. */
class GiveAnswer extends JobAction
{
    public function __invoke(Job $job, User $by, Spot $spot, string $value): void
    {
        ($this->change)($job, $by, 'work', null, ['answers'], fn () => Answer::give($job, $by, $spot->value, $value));
    }
}
