<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Actions\Stock\KeptForJob;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\JobEnd;
use App\Models\User;

/** Ends a job without a hand-over, with a reason. What was reserved for it lies free again; nothing is deleted. */
class EndJob extends JobAction
{
    public function __construct(ChangeJob $change, private readonly WriteLogbook $writeLogbook, private readonly KeptForJob $kept)
    {
        parent::__construct($change);
    }

    public function __invoke(Job $job, User $by, JobEnd $as, string $reason): void
    {
        ($this->change)($job, $by, 'end', null, function (OpenJob $open) use ($by, $as, $reason): void {
            $this->kept->freeAll($open->job, $by);
            $open->job->forceFill(['ended_as' => $as, 'ended_because' => $reason, 'ended_at' => now(), 'ended_by_id' => $by->id]);
            ($this->writeLogbook)($open);
        });
    }
}
