<?php

declare(strict_types=1);

namespace App\View;

use App\Bench\OpenJob;
use App\Models\Stage;
use App\View\Drawings\TurnView;
use NeatSpindle\Core\Strip\StripPlan;
use NeatSpindle\Core\Strip\StripStep;
use NeatSpindle\Core\Turn\Posture;

use function is_string;

class StripPage extends StepsPage
{
    public readonly Posture $posture;

    public readonly StripPlan $plan;

    public function __construct(OpenJob $opened, mixed $posture, mixed $step)
    {
        parent::__construct($opened, 'strip', $step);
        $this->posture = (is_string($posture) ? Posture::tryFrom($posture) : null) ?? Posture::Upright;
        $this->plan = $opened->stripPlan();
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

    public function turn(): ?TurnView
    {
        $turn = $this->current()->turn;

        return $turn === null ? null : new TurnView($turn->in($this->posture));
    }

    protected function codes(): array
    {
        return array_map(fn (StripStep $step) => $step->code, $this->plan->steps);
    }
}
