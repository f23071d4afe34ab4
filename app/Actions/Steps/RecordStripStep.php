<?php

declare(strict_types=1);

namespace App\Actions\Steps;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Answer;
use App\Models\Job;
use App\Models\Sheet;
use App\Models\StepState;
use App\Models\User;
use NeatSpindle\Core\Ground\Turn\Rotation;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Whole\Calendar\WorkKind;

/** Ticks a step of the strip, says that it stopped, or takes the tick back. */
class RecordStripStep extends JobAction
{
    public function __construct(ChangeJob $change, private readonly StepRecorder $recorder)
    {
        parent::__construct($change);
    }

    /**
     * @param  array{state: StepState, note: ?string, lies_in?: ?string}|null  $done  null takes the record back
     * @param  int  $seen  the record the person saw standing there; 0 when none did
     * @param  ?Rotation  $turned  which way it came out, where that was a question; null where nothing is said of it
     */
    public function __invoke(Job $job, User $by, string $code, ?array $done, int $seen = 0, ?Rotation $turned = null): void
    {
        ($this->change)($job, $by, 'work', null, function (OpenJob $open) use ($job, $by, $code, $done, $seen, $turned): void {
            $step = $open->stripPlan()->step($code) ?? $this->refuse('step', 'The plan has no such step any more: look at it again.');
            $stop = $open->job->stopped_for;
            if ($stop !== null && ($done['state'] ?? null) === StepState::Done) {
                $this->refuse('state', "The job is stopped: {$stop}. Nothing is taken off until the stop is lifted.");
            }
            $lacks = ($done['state'] ?? null) === StepState::Done ? $step->lacks($done['note'] ?? null) : null;
            if (($done['lies_in'] ?? null) !== null && $step->keep === null) {
                $this->refuse('lies_in', 'Nothing comes off at this step, so nothing of it lies anywhere.');
            }
            if ($turned !== null && ! $step->tellsTheWay) {
                $this->refuse('turned', 'Which way it turns is no question at this step, or is answered already.');
            }
            if ($lacks !== null) {
                $this->refuse('note', $lacks);
            }
            $this->recorder->record(
                $job, $by, $seen, Sheet::Strip, $code, ['title' => $step->title, 'part' => $step->keep, 'work' => WorkKind::Strip], $done,
            );
            if ($turned !== null) {
                Answer::give($job, $by, Spot::DriveCupLoosens->value, $turned->value);
            }
        });
    }
}
