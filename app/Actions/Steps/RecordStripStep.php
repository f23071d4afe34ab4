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
use NeatSpindle\Core\Measuring\Strip\StripStep;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Whole\Calendar\WorkKind;

use function array_column;
use function array_slice;
use function in_array;

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
     * @param  array<string, int>  $with  what came off in the same movement, each with the record the person saw there, by its code
     */
    public function __invoke(Job $job, User $by, string $code, ?array $done, int $seen = 0, ?Rotation $turned = null, array $with = []): void
    {
        ($this->change)($job, $by, 'work', null, function (OpenJob $open) use ($job, $by, $code, $done, $seen, $turned, $with): void {
            $step = $open->stripPlan()->step($code) ?? $this->refuse('step', 'The plan has no such step any more: look at it again.');
            $stop = $open->job->stopped_for;
            if ($stop !== null && ($done['state'] ?? null) === StepState::Done) {
                $this->refuse('state', "The job is stopped: {$stop}. Nothing is taken off until the stop is lifted.");
            }
            $lacks = ($done['state'] ?? null) === StepState::Done ? $step->lacks($done['note'] ?? null) : null;
            $others = $this->movedWith($open, $step, array_keys($with));
            if (($done['lies_in'] ?? null) !== null && array_filter(array_column([$step, ...$others], 'keep')) === []) {
                $this->refuse('lies_in', 'Nothing comes off at this step, so nothing of it lies anywhere.');
            }
            if ($turned !== null && ! $step->tellsTheWay) {
                $this->refuse('turned', 'Which way it turns is no question at this step, or is answered already.');
            }
            if ($lacks !== null) {
                $this->refuse('note', $lacks);
            }
            $this->record($job, $by, $step, $done, $seen);
            foreach ($others as $one) {
                $this->record(
                    $job, $by, $one, ['state' => StepState::Done, 'note' => null, 'lies_in' => $done['lies_in'] ?? null], $with[$one->code],
                );
            }
            if ($turned !== null) {
                Answer::give($job, $by, Spot::DriveCupLoosens->value, $turned->value);
            }
        });
    }

    /**
     * @param  list<string>  $codes
     * @return list<StripStep> in the order of the plan
     */
    private function movedWith(OpenJob $open, StripStep $step, array $codes): array
    {
        $done = array_keys($open->records->done(Sheet::Strip));
        $movement = $codes === [] ? [] : array_slice($open->stripPlan()->movement($step, $done), 1);
        if (array_diff($codes, array_column($movement, 'code')) !== []) {
            $this->refuse('state', 'Not all of that goes in one movement any more: look at the plan again.');
        }

        return array_values(array_filter($movement, fn (StripStep $one) => in_array($one->code, $codes, true)));
    }

    /** @param  array{state: StepState, note: ?string, lies_in?: ?string}|null  $done */
    private function record(Job $job, User $by, StripStep $step, ?array $done, int $seen): void
    {
        $isKept = $step->keep !== null || $done === null;
        $this->recorder->record(
            $job, $by, $seen, Sheet::Strip, $step->code, ['title' => $step->title, 'part' => $step->keep, 'work' => WorkKind::Strip],
            $isKept ? $done : ['lies_in' => null] + $done,
        );
    }
}
