<?php

declare(strict_types=1);

namespace App\View\Strip;

use App\Bench\Lacking;
use App\Bench\OpenJob;
use App\Models\Sheet;
use App\Models\Stage;
use App\View\Drawings\TurnView;
use App\View\Job\InOneGo;
use App\View\Job\StepsPage;
use NeatSpindle\Core\Ground\Turn\Posture;
use NeatSpindle\Core\Measuring\Strip\StripPlan;
use NeatSpindle\Core\Measuring\Strip\StripStep;
use NeatSpindle\Core\Measuring\Survey\Region;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\Subject;

use function array_slice;
use function is_string;

class StripPage extends StepsPage
{
    public readonly Posture $posture;

    public readonly StripPlan $plan;

    public function __construct(OpenJob $opened, mixed $posture, mixed $step)
    {
        parent::__construct($opened, Sheet::Strip, $step);
        $this->posture = (is_string($posture) ? Posture::tryFrom($posture) : null) ?? Posture::Upright;
        $this->plan = $opened->stripPlan();
    }

    /** Whether it was told what cranks and bracket are on it. */
    public function isFittedKnown(): bool
    {
        return $this->opened->findings->has(Spot::CrankKind) && $this->opened->findings->has(Spot::BracketKind);
    }

    public function stage(): Stage
    {
        return Stage::Strip;
    }

    public function current(): StripStep
    {
        foreach ($this->plan->steps as $step) {
            if ($step->code === $this->currentCode()) {
                return $step;
            }
        }

        return $this->plan->steps[0];
    }

    public function inOneGo(): array
    {
        return array_map(InOneGo::stripped(...), array_slice($this->movement(), 1));
    }

    /** Whether anything that comes off now is kept. */
    public function isKept(): bool
    {
        return array_filter(array_column($this->movement(), 'keep')) !== [];
    }

    /** @return list<StripStep> */
    private function movement(): array
    {
        return $this->plan->movement($this->current(), array_keys($this->opened->records->done(Sheet::Strip)));
    }

    public function turn(): ?TurnView
    {
        $turn = $this->current()->turn;

        return $turn === null ? null : new TurnView($turn->in($this->posture));
    }

    /** @return list<Spot> what stands around the shell's drive side that nobody has said, so that the plan takes it as most bikes have it */
    public function unsaid(): array
    {
        $walk = $this->opened->walk();

        return array_values(array_filter($walk->in(Region::ShellSide), fn (Spot $spot) => ! $walk->isKnown($spot)));
    }

    /** @return list<Subject> what would end a job and nobody has looked at, while everything is still on */
    public function lookFirst(): array
    {
        return $this->doneCount() > 0 ? [] : array_values(array_filter(
            Lacking::unseen($this->job), fn (Subject $one) => $one->mayEndAJob(),
        ));
    }

    /** @return array{string, string} */
    public function next(): array
    {
        return $this->goesOn();
    }

    public function isAllDone(): bool
    {
        return $this->doneCount() === $this->count();
    }

    /** @return list<array{what: string, lies_in: ?string, note: ?string}> what came off, in the order it did */
    public function cameOff(): array
    {
        $off = [];
        foreach ($this->plan->steps as $step) {
            $record = $this->record($step->code);
            if ($step->keep !== null && $record !== null && $this->isDone($step->code)) {
                $off[] = ['what' => $step->keep, 'lies_in' => $record->lies_in, 'note' => $record->note];
            }
        }

        return $off;
    }

    /** @return list<string> where things of this job lie already */
    public function placesUsed(): array
    {
        return array_values(array_unique(array_filter(array_column($this->cameOff(), 'lies_in'))));
    }

    protected function codes(): array
    {
        return array_map(fn (StripStep $step) => $step->code, $this->plan->steps);
    }
}
