<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\User;
use Closure;

/** The one door for changes to a job: in a transaction, against the version seen, with its progress kept along. */
class ChangeJob
{
    /**
     * @param  ?int  $seen  the version the person saw; null for a change that overwrites nothing
     * @param  Closure(): mixed  $change
     */
    public function __invoke(Job $job, User $by, ?int $seen, Closure $change): void
    {
        $job->change($seen, $by, function () use ($job, $change): void {
            $change();
            $job->load(['readings', 'answers', 'kit', 'stepRecords', 'runs']);
            $progress = Progress::of(JobSheet::openWithRoutes($job));
            $job->newQuery()->whereKey($job->id)->update([
                'stage' => $progress->stage,
                'waits_for' => $progress->waitsFor,
                'next_step' => mb_strimwidth($progress->next, 0, 200, '…'),
            ]);
        });
    }
}
