<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Actions\JobAction;
use App\Bench\Lacking;
use App\Bench\OpenJob;
use App\Models\Condition;
use App\Models\Job;
use App\Models\User;
use NeatSpindle\Core\Measuring\Survey\Severity;
use NeatSpindle\Core\Measuring\Survey\Subject;

use function in_array;

/** Keeps that several things of a donor were looked at and are fine; what somebody has said of one of them meanwhile stays. */
class FindRestFine extends JobAction
{
    /** @param  list<Subject>  $subjects  what was looked at */
    public function __invoke(Job $job, User $by, array $subjects): void
    {
        ($this->change)($job, $by, 'work', null, function (OpenJob $open) use ($job, $by, $subjects): void {
            $unseen = array_filter(Lacking::unseen($open->job), fn (Subject $subject) => in_array($subject, $subjects, true));
            Condition::query()->insert(array_values(array_map(fn (Subject $subject) => [
                'job_id' => $job->id, 'user_id' => $by->id, 'subject' => $subject->value, 'severity' => Severity::Fine->value, 'found_at' => now(),
            ], $unseen)));
        });
    }
}
