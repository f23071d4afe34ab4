<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\User;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Measuring\Survey\Instrument;
use NeatSpindle\Core\Measuring\Survey\Spot;

/** Keeps one reading at a spot, or several; a later one supersedes, none is overwritten. */
class KeepReading extends JobAction
{
    public function __construct(ChangeJob $change, private readonly ReadingWriter $writer)
    {
        parent::__construct($change);
    }

    /**
     * @param  bool  $afresh  the earlier readings no longer count; else these are added to them
     * @param  bool  $isSure  a reading out of line with the others, or unusual, is kept all the same
     */
    public function __invoke(Job $job, User $by, Spot $spot, Measurement $measurement, Instrument $instrument, string $typed, bool $afresh = false, bool $isSure = false): void
    {
        ($this->change)($job, $by, 'work', null, fn (OpenJob $open) => $this->writer->write(
            $open, $by, $spot, $measurement, $instrument, $typed, $afresh, $isSure,
        ));
    }
}
