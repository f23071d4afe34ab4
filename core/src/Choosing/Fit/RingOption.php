<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Fit;

use NeatSpindle\Core\Choosing\Hill\Climb;
use NeatSpindle\Core\Ground\Measure\Criteria;
use NeatSpindle\Core\Holding\Catalogue\Motor;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Parts\Part\Ring;
use NeatSpindle\Core\Sums\Gearing\Gears;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Margin\Verdict;

/** One ring on one bike with one motor: what it does to clearance, line and gears. */
final readonly class RingOption
{
    /** Metres for a turn of the crank in the lowest gear. */
    public float $lowestDevelopment;

    /** In km/h, in the highest gear, where the motor stops pulling. */
    public float $topSpeed;

    private Criteria $criteria;

    /**
     * @param  ?float  $offset weighted, in mm; null without a solved stack
     * @param  ?Climb  $climb the hill that is asked about, with this ring
     */
    public function __construct(
        public Ring $ring,
        public Stack $stack,
        public ?float $offset,
        public Gears $gears,
        public ?Climb $climb,
        Motor $motor,
        public bool $boltsOn = true,
    ) {
        $this->lowestDevelopment = $gears->lowest()->development;
        $this->topSpeed = $gears->highest()->speedAt($motor->maxCrankRpm);
        $this->criteria = new Criteria([$offset ?? INF, $this->lowestDevelopment, -$this->topSpeed, $stack->verdict === Verdict::Clear ? 0 : 1]);
    }

    public function clearance(): ?Margin
    {
        return $this->stack->margin(MarginName::RingToChainstay);
    }

    public function isOut(): bool
    {
        return ! $this->boltsOn || $this->stack->verdict === Verdict::Fails;
    }

    /** Whether some gear pulls the hill that is asked about; true when none is asked. */
    public function climbs(): bool
    {
        return $this->climb === null || $this->climb->pulls();
    }

    /** No worse in line, lowest gear, speed and verdict, and better in one of them. */
    public function beats(self $other): bool
    {
        return $this->criteria->beat($other->criteria);
    }
}
