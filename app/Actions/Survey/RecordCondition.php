<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Condition;
use App\Models\Job;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use NeatSpindle\Core\Measuring\Survey\Remedy;
use NeatSpindle\Core\Measuring\Survey\Severity;
use NeatSpindle\Core\Measuring\Survey\Subject;

/**
 * Keeps what was found of a donor's condition and what was decided about it; a stop holds the job until it is lifted.
 * Whatever is found later, a stop that stands stays: it is lifted with a reason, by whoever may, and not by looking again.
 */
class RecordCondition extends JobAction
{
    /**
     * @param  array{severity: Severity, remedy: ?Remedy, declined_by: ?string, note: ?string}  $found
     * @param  int  $seen  the finding the person saw standing there; 0 when none did
     *
     * @throws FoundMeanwhile when another finding stands there
     */
    public function __invoke(Job $job, User $by, Subject $subject, array $found, int $seen = 0): void
    {
        ($this->change)($job, $by, 'work', null, function (OpenJob $open) use ($job, $by, $subject, $found, $seen): void {
            $stop = Condition::query()->where('job_id', $job->id)->where('subject', $subject)->stopping()->first();
            if ($stop !== null && $found['severity'] !== Severity::Stop) {
                $this->refuse('severity', "The job is stopped for this: {$stop->note}. The stop is lifted first, with the reason, by an installer or the owner.");
            }
            $stands = Condition::query()->where('job_id', $job->id)->where('subject', $subject)->standing()->with('user')->latest('id')->first();
            if ($stands !== null && $stands->id !== $seen) {
                throw FoundMeanwhile::condition($stands);
            }
            Condition::query()->where('job_id', $job->id)->where('subject', $subject)->standing()
                ->when($stop !== null, fn (Builder $query) => $query->whereNotNull('lifted_at'))->update(['superseded_at' => now()]);
            Condition::query()->create(['job_id' => $job->id, 'user_id' => $by->id, 'subject' => $subject, 'found_at' => now(), ...$found]);
            $open->job->stopped_for = Condition::stopOf($job);
        });
    }
}
