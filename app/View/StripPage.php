<?php

declare(strict_types=1);

namespace App\View;

use App\Bench\JobSheet;
use App\Models\Stage;
use App\Models\StepRecord;
use App\View\Drawings\TurnView;
use NeatSpindle\Core\Strip\StripPlan;
use NeatSpindle\Core\Strip\StripStep;
use NeatSpindle\Core\Turn\Posture;

use function count;
use function is_string;

class StripPage extends JobPage
{
    public readonly Posture $posture;

    public readonly StripPlan $plan;

    /** @var array<string, StepRecord> */
    public readonly array $records;

    public function __construct(JobSheet $sheet, mixed $posture)
    {
        parent::__construct($sheet);
        $this->posture = (is_string($posture) ? Posture::tryFrom($posture) : null) ?? Posture::Upright;
        $this->plan = $sheet->stripPlan();
        $this->records = $sheet->records('strip');
    }

    public function stage(): Stage
    {
        return Stage::Strip;
    }

    public function turnOf(StripStep $step): ?TurnView
    {
        return $step->turn === null ? null : new TurnView($step->turn->in($this->posture));
    }

    public function isDone(StripStep $step): bool
    {
        return ($this->records[$step->code]->state ?? null) === StepRecord::DONE;
    }

    public function isStopped(StripStep $step): bool
    {
        return ($this->records[$step->code]->state ?? null) === StepRecord::STOPPED;
    }

    /** The first step that is not done. */
    public function current(): ?StripStep
    {
        foreach ($this->plan->steps as $step) {
            if (! $this->isDone($step)) {
                return $step;
            }
        }

        return null;
    }

    public function doneCount(): int
    {
        return count(array_filter($this->plan->steps, $this->isDone(...)));
    }
}
