<?php

declare(strict_types=1);

namespace App\Actions\Steps;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Bench\BuildState;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Reading;
use App\Models\Sheet;
use App\Models\StepState;
use App\Models\User;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Ground\Measure\TorqueUnit;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Whole\Calendar\WorkKind;

/** Ticks a step of the build, says that it failed its check, or takes the tick back. Whether it may be ticked is the core's to say. */
class RecordBuildStep extends JobAction
{
    public function __construct(ChangeJob $change, private readonly StepRecorder $recorder)
    {
        parent::__construct($change);
    }

    /**
     * @param  array{state: StepState, torque_nm: ?float, by_hand?: bool, compound: ?string, note: ?string}|null  $done  null takes the record back
     * @param  bool  $isSure  a torque far outside its band was looked at again
     * @param  int  $seen  the record the person saw standing there; 0 when none did
     */
    public function __invoke(Job $job, User $by, string $code, ?array $done, int $seen = 0, bool $isSure = false): void
    {
        ($this->change)($job, $by, 'work', null, function (OpenJob $open) use ($job, $by, $code, $done, $seen, $isSure): void {
            $step = $open->buildSheet()?->step($code) ?? $this->refuse('step', 'The sheet has no such step any more: look at it again.');
            if (($done['state'] ?? null) === StepState::Done) {
                $this->expectItMayBeDone($open, $step);
                $isSure ?: $this->askAboutImprobable($step, $done['torque_nm'] ?? null, $by->torque_unit);
                $this->expectTorque($step, $done, $by->torque_unit);
            }
            $this->recorder->record($job, $by, $seen, Sheet::Build, $code, [
                'title' => $step->title, 'source' => $step->band?->source, 'work' => WorkKind::ofStep($step), ...$step->asked()->kept(),
            ], $done);
            ($done['state'] ?? null) === StepState::Done && $this->void($job, $step);
        });
    }

    /** What was read of a thing before it was changed no longer counts; it stays in the log. */
    private function void(Job $job, BuildStep $step): void
    {
        $spots = array_map(fn (Spot $spot) => $spot->value, $step->voids);
        $spots === [] ?: Reading::query()->where('job_id', $job->id)->whereIn('spot', $spots)->whereNull('superseded_at')
            ->update(['superseded_at' => now()]);
    }

    private function askAboutImprobable(BuildStep $step, ?float $nm, TorqueUnit $unit): void
    {
        if ($nm !== null && ! $step->isTooLoose($nm) && $step->band?->torque->isFarFrom($nm) === true) {
            throw ValidationException::withMessages(['sure' => 'asked', 'torque' => "{$unit->show($nm)} is far from the band of {$unit->show($step->band->torque->low)} to "
                ."{$unit->show($step->band->torque->high)}. Was the wrench set in another unit, or the figure read wrong? Take it again, or keep it as typed."]);
        }
    }

    private function expectItMayBeDone(OpenJob $open, BuildStep $step): void
    {
        $objection = $open->the(BuildState::class)->gate?->objection($step);
        if ($objection !== null) {
            $this->refuse('state', $objection);
        }
    }

    /** @param  array{torque_nm: ?float, by_hand?: bool, note: ?string}  $done */
    private function expectTorque(BuildStep $step, array $done, TorqueUnit $unit): void
    {
        $isByHand = $done['by_hand'] ?? false;
        $lacks = $step->lacks($done['torque_nm'], $isByHand, $done['note'], $unit);
        if ($lacks !== null) {
            $isReasonWanted = $isByHand || ($done['torque_nm'] !== null && $step->band !== null && ! $step->isTooLoose($done['torque_nm']));
            $this->refuse($isReasonWanted ? 'note' : 'torque', $lacks);
        }
    }
}
