<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\User;
use Closure;

/** The one door for changes to a job: in a transaction, against the version seen, with its progress kept along. */
class ChangeJob
{
    private bool $isInOneGo = false;

    /**
     * @param  ?int  $seen  the version the person saw; null for a change that overwrites nothing
     * @param  list<string>  $touches  the relations of the job that the change alters
     * @param  Closure(): mixed  $change
     */
    public function __invoke(Job $job, User $by, ?int $seen, array $touches, Closure $change): void
    {
        $job->change($seen, $by, function () use ($job, $touches, $change): void {
            $change();
            $job->load($touches);
            if (! $this->isInOneGo) {
                $this->keepProgress($job);
            }
        });
    }

    /**
     * Many changes of one job in a row: where it stands is worked out once, after the last.
     *
     * @param  Closure(): mixed  $changes
     * @param  Closure(): Job  $fresh  the job as it is after them
     */
    public function inOneGo(Closure $changes, Closure $fresh): void
    {
        $this->isInOneGo = true;
        try {
            $changes();
        } finally {
            $this->isInOneGo = false;
        }
        $this->keepProgress($fresh());
    }

    private function keepProgress(Job $job): void
    {
        $progress = Progress::of(JobSheet::open($job));
        $job->fill([
            'stage' => $progress->stage,
            'waits_for' => $progress->waitsFor,
            'next_step' => mb_strimwidth($progress->next, 0, 200, '…'),
        ]);
        if ($job->isDirty(['stage', 'waits_for', 'next_step'])) {
            $job->newQuery()->whereKey($job->id)->update($job->only(['stage', 'waits_for', 'next_step']));
            $job->syncOriginal();
        }
    }
}
