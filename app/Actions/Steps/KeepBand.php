<?php

declare(strict_types=1);

namespace App\Actions\Steps;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Models\Job;
use App\Models\User;
use NeatSpindle\Core\Ground\Measure\TorqueBand;
use NeatSpindle\Core\Parts\Fastening\Fastener;

/** Keeps the band that stands on a part's paper, for this job; a later one supersedes. */
class KeepBand extends JobAction
{
    public function __construct(ChangeJob $change, private readonly BandWriter $writer)
    {
        parent::__construct($change);
    }

    /** @param  ?int  $seen  the band the person saw standing there, 0 where none did; null where nothing is said of it */
    public function __invoke(Job $job, User $by, Fastener $fastener, TorqueBand $band, string $paper, ?int $seen = null): void
    {
        ($this->change)($job, $by, 'work', null, function () use ($job, $by, $fastener, $band, $paper, $seen): void {
            $this->writer->write($job, $by, $fastener, $band, $paper, $seen);
        });
    }
}
