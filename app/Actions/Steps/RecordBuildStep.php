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
use NeatSpindle\Core\Parts\Fastening\Band;
use NeatSpindle\Core\Parts\Fastening\Bands;
use NeatSpindle\Core\Whole\Calendar\WorkKind;

use function array_column;
use function array_slice;
use function in_array;

/** Ticks a step of the build, says that it failed its check, or takes the tick back. Whether it may be ticked is the core's to say. */
class RecordBuildStep extends JobAction
{
    public function __construct(ChangeJob $change, private readonly StepRecorder $recorder, private readonly BandWriter $bands)
    {
        parent::__construct($change);
    }

    /**
     * @param  array{state: StepState, torque_nm: ?float, by_hand?: bool, compound: ?string, note: ?string}|null  $done  null takes the record back
     * @param  bool  $isSure  a torque far outside its band was looked at again
     * @param  int  $seen  the record the person saw standing there; 0 when none did
     * @param  array<string, int>  $with  what is done in the same movement, each with the record the person saw there, by its code
     * @param  ?Band  $paper  what stands on the part's paper, where nobody had said it; it is kept with the step
     */
    public function __invoke(
        Job $job, User $by, string $code, ?array $done, int $seen = 0, bool $isSure = false, array $with = [], ?Band $paper = null,
    ): void {
        ($this->change)($job, $by, 'work', null, function (OpenJob $open) use (
            $job, $by, $code, $done, $seen, $isSure, $with, $paper,
        ): void {
            $step = $open->buildSheet()?->step($code) ?? $this->refuse('step', 'The sheet has no such step any more: look at it again.');
            if (($done['state'] ?? null) !== StepState::Done) {
                $this->record($job, $by, $step, $done, $seen);

                return;
            }
            $gate = $open->the(BuildState::class)->gate;
            $step = $this->withPaper($job, $by, $step, $paper);
            $steps = [$step, ...$this->movedWith($open, $step, array_keys($with))];
            foreach ($steps as $one) {
                $objection = $gate?->objection($one);
                $objection === null || $this->refuse('state', $objection);
                $gate = $gate?->once($one);
                $this->finish($job, $by, $one, $this->share($one, $steps, $done), [$code => $seen, ...$with][$one->code], $isSure);
            }
        });
    }

    /** The step with the band on its paper, which is kept for the job; as it is where its band is known, or nothing is tightened. */
    private function withPaper(Job $job, User $by, BuildStep $step, ?Band $paper): BuildStep
    {
        if ($paper === null || $step->fastener === null || $step->band !== null) {
            return $step;
        }
        $this->bands->write($job, $by, $step->fastener, $paper->torque, $paper->source, 0);

        return $step->fastened(Bands::none()->with($step->fastener, $paper));
    }

    /**
     * @param  list<string>  $codes
     * @return list<BuildStep> in the order of the sheet
     */
    private function movedWith(OpenJob $open, BuildStep $step, array $codes): array
    {
        $movement = array_slice($open->the(BuildState::class)->movement($step), 1);
        if (array_diff($codes, array_column($movement, 'code')) !== []) {
            $this->refuse('state', 'Not all of that goes in one movement any more: look at the sheet again.');
        }

        return array_values(array_filter($movement, fn (BuildStep $one) => in_array($one->code, $codes, true)));
    }

    /**
     * What of that which was typed for a movement is said of one of its steps: torque and reason belong to the one that is
     * tightened, the compound that was chosen to the first.
     *
     * @param  non-empty-list<BuildStep>  $steps
     * @param  array{state: StepState, torque_nm: ?float, by_hand?: bool, compound: ?string, note: ?string}  $done
     * @return array{state: StepState, torque_nm: ?float, by_hand?: bool, compound: ?string, note: ?string}
     */
    private function share(BuildStep $step, array $steps, array $done): array
    {
        $torqued = array_values(array_filter($steps, fn (BuildStep $one) => $one->fastener !== null))[0] ?? $steps[0];
        $compound = $step === $steps[0] ? $done['compound'] : $step->compound?->value;

        return $step === $torqued ? ['compound' => $compound] + $done
            : ['state' => StepState::Done, 'torque_nm' => null, 'compound' => $compound, 'note' => null];
    }

    /** @param  array{state: StepState, torque_nm: ?float, by_hand?: bool, compound: ?string, note: ?string}  $done */
    private function finish(Job $job, User $by, BuildStep $step, array $done, int $seen, bool $isSure): void
    {
        $isSure ?: $this->askAboutImprobable($step, $done['torque_nm'], $by->torque_unit);
        $this->expectTorque($step, $done, $by->torque_unit);
        $this->record($job, $by, $step, $done, $seen);
        $this->void($job, $step);
    }

    /** @param  array{state: StepState, torque_nm: ?float, by_hand?: bool, compound: ?string, note: ?string}|null  $done */
    private function record(Job $job, User $by, BuildStep $step, ?array $done, int $seen): void
    {
        $this->recorder->record($job, $by, $seen, Sheet::Build, $step->code, [
            'title' => $step->title, 'source' => $step->band?->source, 'work' => WorkKind::ofStep($step), ...$step->asked()->kept(),
        ], $done);
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
