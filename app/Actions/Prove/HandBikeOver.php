<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Actions\Stock\KeptForJob;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Documents\HandOverDocument;
use App\Models\HandOver;
use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Carbon;

/** Hands a bike over: refused while anything stands against it. From then on nothing of the job is changed. */
class HandBikeOver extends JobAction
{
    public function __construct(ChangeJob $change, private readonly WriteLogbook $writeLogbook, private readonly KeptForJob $kept)
    {
        parent::__construct($change);
    }

    public function __invoke(Job $job, User $by, int $seen, Carbon $recheck, ?string $note): void
    {
        ($this->change)($job, $by, 'handOver', $seen, function (OpenJob $open) use ($job, $by, $recheck, $note): void {
            $objections = $open->the(Proving::class)->handOver->says();
            $objections === [] || $this->refuse('hand_over', 'Not yet. '.implode(' ', $objections));
            $this->kept->takeWhatLeaves($open->job, $by);
            $handOver = new HandOver([
                'job_id' => $job->id, 'user_id' => $by->id, 'handed_at' => now(), 'recheck_on' => $recheck, 'note' => $note,
            ]);
            $handOver->setRelation('user', $by)->fill(['sheet' => HandOverDocument::toKeep($open, $by, $handOver)])->save();
            $open->job->handed_over_at = now();
            ($this->writeLogbook)($open);
        });
    }
}
