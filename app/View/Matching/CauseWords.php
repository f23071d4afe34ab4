<?php

declare(strict_types=1);

namespace App\View\Matching;

use NeatSpindle\Core\Choosing\Fit\Cause;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Margin\Source;

/** Why a motor does not go, as one would say it at the bench, and the reading it stands on. */
class CauseWords
{
    public function __construct(private readonly Cause $cause, private readonly LengthUnit $unit) {}

    public function words(): string
    {
        $stay = $this->cause->stay;
        $margin = $this->cause->margin;
        if ($stay !== null) {
            $asks = "The stay at {$this->unit->showCoarse($stay->radius)}, {$this->unit->show($stay->outboard)} outboard, "
                ."asks for {$this->unit->show($stay->spacers)} of drive spacers"
                .' for the '.($stay->isForTheRing ? 'ring' : 'case');

            return $margin === null ? "{$asks}: the drawer has no such set." : "{$asks}, which {$this->leaves($margin)}.";
        }
        $reading = $this->cause->reading;

        return $reading === null || $margin === null ? '' : "{$reading->label} of {$this->unit->show(abs($reading->value))} {$this->leaves($margin)}.";
    }

    /** Where the reading it stands on was taken; null where it is none. */
    public function spot(): ?Spot
    {
        return match (true) {
            $this->cause->stay !== null => Spot::whereRead(Source::Chainstay, $this->cause->stay->radius),
            $this->cause->reading !== null => Spot::whereRead($this->cause->reading->source, $this->cause->reading->radius),
            default => null,
        };
    }

    private function leaves(Margin $margin): string
    {
        $by = $this->unit->show(abs($margin->slack()));

        return match ($margin->name) {
            MarginName::NutEngagement => "leaves the nut {$by} short of thread",
            MarginName::LockringEngagement => "leaves the lock ring {$by} short of thread",
            MarginName::CupEngagement => "leaves the cup {$by} short of thread",
            MarginName::CrankAsymmetry => "puts the cranks {$by} too far off centre",
            MarginName::GuideClearance => "leaves the body {$by} too little room",
            MarginName::BoreClearance => "is {$by} too narrow for what passes through",
            default => "leaves “{$margin->name->label()}” {$by} ".($margin->name->isCeiling() ? 'over its limit' : 'short of its limit'),
        };
    }
}
