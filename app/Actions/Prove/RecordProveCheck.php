<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Actions\Steps\StepRecorder;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Models\Job;
use App\Models\StepState;
use App\Models\User;

/** Keeps what came of a check: right, a miss with what was seen, or the record taken back. Whether it may be made is the core's to say. */
class RecordProveCheck extends JobAction
{
    public function __construct(ChangeJob $change, private readonly StepRecorder $recorder)
    {
        parent::__construct($change);
    }

    /**
     * @param  array{state: StepState, figure: ?float, note: ?string}|null  $done  null takes the record back
     * @param  int  $seen  the record the person saw standing there; 0 when none did
     */
    public function __invoke(Job $job, User $by, string $code, ?array $done, int $seen = 0): void
    {
        ($this->change)($job, $by, 'work', null, ['stepRecords'], function (OpenJob $open) use ($job, $by, $code, $done, $seen): void {
            $proving = $open->checks()->proving();
            $check = $proving->plan()->check($code) ?? $this->refuse('step', 'There is no such check on this bike any more: look at it again.');
            $objection = $done === null ? null : $proving->objection($check);
            $objection === null || $this->refuse('state', $objection);
            $lacks = ($done['state'] ?? null) === StepState::Done ? $check->lacks($done['figure'] ?? null) : null;
            $lacks === null || $this->refuse('figure', $lacks);
            $this->recorder->record($job, $by, $seen, Proving::SHEET, $code, ['title' => $check->title, 'figure' => $check->figure?->band()], $done);
        });
    }
}
