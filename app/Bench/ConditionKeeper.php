<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Condition;
use App\Models\Job;
use App\Models\User;
use NeatSpindle\Core\Survey\Severity;
use NeatSpindle\Core\Survey\Subject;

/** Keeps what was found of a donor's condition and what was decided about it; a stop holds the job until it is lifted. */
class ConditionKeeper
{
    public function __construct(private readonly ChangeJob $change) {}

    /** @param  array{severity: Severity, remedy: ?string, declined_by: ?string, note: ?string}  $found */
    public function record(Job $job, User $by, Subject $subject, array $found): void
    {
        ($this->change)($job, $by, null, [], function () use ($job, $by, $subject, $found): void {
            Condition::query()->where('job_id', $job->id)->where('subject', $subject)->standing()->update(['superseded_at' => now()]);
            Condition::query()->create(['job_id' => $job->id, 'user_id' => $by->id, 'subject' => $subject, 'found_at' => now(), ...$found]);
            $this->sayWhatHolds($job);
        });
    }

    public function lift(Job $job, User $by, Condition $stop, string $reason): void
    {
        ($this->change)($job, $by, null, [], function () use ($job, $by, $stop, $reason): void {
            $stop->update(['lifted_at' => now(), 'lifted_by_id' => $by->id, 'lifted_because' => $reason]);
            $this->sayWhatHolds($job);
        });
    }

    private function sayWhatHolds(Job $job): void
    {
        $stop = Condition::query()->where('job_id', $job->id)->standing()->where('severity', Severity::Stop)->whereNull('lifted_at')->orderBy('id')->first();
        $words = $stop === null ? null : mb_strimwidth("{$stop->subject->label()}: {$stop->note}", 0, 200, '…');
        $job->newQuery()->whereKey($job->id)->update(['stopped_for' => $words]);
        $job->stopped_for = $words;
        $job->syncOriginal();
    }
}
