<?php

declare(strict_types=1);

namespace App\View\Build;

use App\Bench\BuildState;
use App\Bench\Experience;
use App\Bench\JobHouse;
use App\Bench\OpenJob;
use App\Models\Decision;
use App\Models\HouseRule;
use App\Models\Sheet;
use App\Models\Stage;
use App\Models\StepRecord;
use App\Models\StepState;
use App\Models\Values\About;
use App\View\Drawings\TurnView;
use App\View\Job\InOneGo;
use App\View\Job\StepsPage;
use App\View\Job\WhereToPutRight;
use NeatSpindle\Core\Ground\Turn\Posture;
use NeatSpindle\Core\Holding\Build\Asked;
use NeatSpindle\Core\Holding\Build\BuildSheet;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Compound;
use NeatSpindle\Core\Holding\Build\Hold;

use function array_slice;
use function is_string;

class BuildPage extends StepsPage
{
    public readonly ?BuildSheet $build;

    /** @var array<string, Hold> why a step may not be ticked, by its code */
    private readonly array $held;

    /** @var list<BuildStep>|null */
    private ?array $movement = null;

    /** @var list<string>|null */
    private ?array $changedRules = null;

    public readonly Posture $posture;

    public readonly BuildTorques $torques;

    public function __construct(OpenJob $opened, mixed $step = null, mixed $posture = null)
    {
        parent::__construct($opened, Sheet::Build, $step);
        $this->build = $opened->buildSheet();
        $this->torques = new BuildTorques($this->torqueUnit);
        $this->posture = (is_string($posture) ? Posture::tryFrom($posture) : null) ?? $this->current()->posture ?? Posture::Upright;
        $this->held = $opened->the(BuildState::class)->gate?->held() ?? [];
    }

    public function stage(): Stage
    {
        return Stage::Build;
    }

    /** @return array<string, list<BuildStep>> */
    public function chapters(): array
    {
        $chapters = [];
        foreach ($this->build->steps ?? [] as $step) {
            $chapters[$step->chapter][] = $step;
        }

        return $chapters;
    }

    public function current(): ?BuildStep
    {
        return $this->build?->step((string) $this->currentCode());
    }

    public function inOneGo(): array
    {
        return array_map(fn (BuildStep $step) => InOneGo::built($step, $this->torques->band($step)), array_slice($this->movement(), 1));
    }

    /** The step whose torque is written down now: the one at hand, or the one its movement ends with; null where none is. */
    public function torqued(): ?BuildStep
    {
        return array_values(array_filter($this->movement(), fn (BuildStep $step) => $step->fastener !== null))[0] ?? null;
    }

    /** @return list<BuildStep> the step at hand, and what is done in one movement with it */
    private function movement(): array
    {
        $step = $this->current();

        return $this->movement ??= $step === null || $this->isDone($step->code) ? array_filter([$step]) : $this->opened->the(BuildState::class)->movement($step);
    }

    public function isDone(string $code): bool
    {
        return $this->opened->the(BuildState::class)->ticks->isDone($code);
    }

    /** Why a step that was done is open again, in words; null where it is not. */
    public function reopenedFor(string $code): ?string
    {
        $by = $this->opened->the(BuildState::class)->ticks->reopened[$code] ?? null;
        $cause = $by === null ? null : $this->build?->step($by);

        return match (true) {
            $cause === null => null,
            $by === $code => ucfirst(implode('; ', $this->asked($code)->differsFrom($cause->asked(), $this->torqueUnit, $this->opened->catalogue->parts->names()))).'.',
            $this->isAskedOtherwise($cause) => "“{$cause->title}” is asked otherwise now.",
            default => "“{$cause->title}” was undone or done again under it.",
        };
    }

    private function isAskedOtherwise(BuildStep $step): bool
    {
        return $this->opened->records->isDone(Sheet::Build, $step->code) && $step->asked()->isOtherThan($this->asked($step->code));
    }

    private function asked(string $code): Asked
    {
        return Asked::read($this->record($code)->asked ?? []);
    }

    public function isHeldBack(string $code): bool
    {
        return isset($this->held[$code]);
    }

    /** @return list<string> what was found there on bikes like this one, with the job it comes from */
    public function experience(string $code): array
    {
        return $this->opened->the(Experience::class)->at($code);
    }

    /** @return list<string> questions the house answers otherwise now than when this job began */
    public function changedRules(): array
    {
        return $this->changedRules ??= array_values(
            JobHouse::changedSince($this->job)->map(fn (HouseRule $rule) => lcfirst($rule->question->label()))->all(),
        );
    }

    /** Where that which holds a step is put right; null where nothing holds it. */
    public function putRight(BuildStep $step): ?WhereToPutRight
    {
        $hold = $this->held[$step->code] ?? null;

        return $hold === null ? null : WhereToPutRight::of($this->job, $hold->at, $hold->step);
    }

    /** The mark of what holds a step back, for those who may answer for going on; null where nobody can. */
    public function passable(BuildStep $step): ?string
    {
        $mayPass = isset($this->held[$step->code]) && $this->opened->stop() === null && $this->user()->can('override', $this->job);

        return $mayPass ? $this->held[$step->code]->mark() : null;
    }

    /** Who went on with a step although it was held; null where nobody did. */
    public function passed(BuildStep $step): ?Decision
    {
        return $this->opened->decisions->about(About::pass($step->code))?->loadMissing('user');
    }

    /** Why a step may not be ticked now; null when it may. */
    public function heldBackBy(string $code): ?string
    {
        return ($this->held[$code] ?? null)?->says;
    }

    public function turnOf(BuildStep $step): ?TurnView
    {
        return $step->turn === null ? null : new TurnView($step->turn->in($this->posture));
    }

    /** @return list<string> */
    public function tools(): array
    {
        return $this->build?->tools() ?? [];
    }

    /** @return list<Compound> */
    public function compounds(): array
    {
        return Compound::cases();
    }

    protected function codes(): array
    {
        return array_map(fn (BuildStep $step) => $step->code, $this->build->steps ?? []);
    }

    /** What stood at a step that is done again, in words; null where nothing did, or it is done. */
    public function asItWas(BuildStep $step): ?string
    {
        $was = $this->record($step->code) !== null ? null : StepRecord::query()->with('user')->where('job_id', $this->job->id)
            ->where('sheet', Sheet::Build)->where('step', $step->code)->where('state', StepState::Done)->latest('id')->first();

        return $was === null ? null : implode(', ', array_filter([
            $was->torque_nm === null ? ($was->by_hand ? 'by hand' : null) : $this->torqueUnit->show($was->torque_nm),
            $was->note, "{$was->user->firstName()}, {$was->recorded_at->format('j M Y')}",
        ]));
    }
}
