<?php

declare(strict_types=1);

namespace App\Actions\Steps;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\StepState;
use App\Models\User;
use NeatSpindle\Core\Build\BuildStep;

/** Ticks a step of the build, says that it failed its check, or takes the tick back. Whether it may be ticked is the core's to say. */
class RecordBuildStep extends JobAction
{
    public function __construct(ChangeJob $change, private readonly StepRecorder $recorder)
    {
        parent::__construct($change);
    }

    /**
     * @param  array{state: StepState, torque_nm: ?float, compound: ?string, note: ?string}|null  $done  null takes the record back
     * @param  int  $seen  the record the person saw standing there; 0 when none did
     */
    public function __invoke(Job $job, User $by, string $code, ?array $done, int $seen = 0): void
    {
        ($this->change)($job, $by, 'work', null, ['stepRecords'], function (OpenJob $open) use ($job, $by, $code, $done, $seen): void {
            $step = $open->buildSheet()?->step($code) ?? $this->refuse('step', 'The sheet has no such step any more: look at it again.');
            if (($done['state'] ?? null) === StepState::Done) {
                $this->expectItMayBeDone($open, $step, $done['torque_nm'] ?? null);
            }
            $this->recorder->record($job, $by, $seen, 'build', $code, [
                'title' => $step->title,
                'torque_nm' => $step->torque === null ? null : [$step->torque->low, $step->torque->high],
                'compound' => $step->compound?->value,
            ], $done);
        });
    }

    private function expectItMayBeDone(OpenJob $open, BuildStep $step, ?float $torqueNm): void
    {
        $objection = $open->checks()->buildGate()?->objection($step);
        if ($objection !== null) {
            $this->refuse('state', $objection);
        }
        if ($step->recordsTorque && $torqueNm === null) {
            $this->refuse('torque', 'Write down the torque it was really given.');
        }
    }
}
