<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\User;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Measuring\Survey\Instrument;
use NeatSpindle\Core\Measuring\Survey\SpotRow;

/** Keeps the figures of spots that were measured one after the other: all of them, or none. */
class KeepRow extends JobAction
{
    public function __construct(ChangeJob $change, private readonly ReadingWriter $writer)
    {
        parent::__construct($change);
    }

    /**
     * @param  non-empty-list<float>  $lengths  in mm, one for each spot of the row
     * @param  bool  $isSure  what is unusual is kept all the same
     */
    public function __invoke(Job $job, User $by, SpotRow $row, array $lengths, Instrument $instrument, string $typed, bool $isSure): void
    {
        ($this->change)($job, $by, 'work', null, function (OpenJob $open) use ($by, $row, $lengths, $instrument, $typed, $isSure): void {
            foreach ($row->spots as $i => $spot) {
                try {
                    $measurement = Measurement::fromReadings([$lengths[$i]], $by->doubtMm($instrument));
                    $this->writer->write($open, $by, $spot, $measurement, $instrument, $typed, isSure: $isSure);
                } catch (ValidationException $asked) {
                    throw ValidationException::withMessages(['row' => "{$spot->label()}: {$asked->getMessage()}", 'row_sure' => 'asked']);
                }
            }
        });
    }
}
