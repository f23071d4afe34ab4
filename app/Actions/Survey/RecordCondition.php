<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Condition;
use App\Models\Job;
use App\Models\User;
use NeatSpindle\Core\Survey\Remedy;
use NeatSpindle\Core\Survey\Severity;
use NeatSpindle\Core\Survey\Subject;

/** Keeps what was found of a donor's condition and what was decided about it; a stop holds the job until it is lifted. */
class RecordCondition extends JobAction
{
    /** @param  array{severity: Severity, remedy: ?Remedy, declined_by: ?string, note: ?string}  $found */
    public function __invoke(Job $job, User $by, Subject $subject, array $found): void
    {
        ($this->change)($job, $by, 'work', null, [], function (OpenJob $open) use ($job, $by, $subject, $found): void {
            Condition::query()->where('job_id', $job->id)->where('subject', $subject)->standing()->update(['superseded_at' => now()]);
            Condition::query()->create(['job_id' => $job->id, 'user_id' => $by->id, 'subject' => $subject, 'found_at' => now(), ...$found]);
            $open->job->stopped_for = Condition::stopOf($job);
        });
    }
}
