<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fit;

use NeatSpindle\Core\Catalogue\Motor;
use NeatSpindle\Core\Gearing\Gears;
use NeatSpindle\Core\Hill\Climb;
use NeatSpindle\Core\Margin\Margin;
use NeatSpindle\Core\Margin\MarginName;
use NeatSpindle\Core\Margin\Verdict;
use NeatSpindle\Core\Measure\Criteria;
use NeatSpindle\Core\Mount\Stack;
use NeatSpindle\Core\Part\Ring;

/** One ring on one bike with one motor: what it does to clearance, line and gears. */
final readonly class RingOption
{
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
        private Motor $motor,
        public bool $boltsOn = true,
    ) {}

    public function clearance(): ?Margin
    {
        return $this->stack->margin(MarginName::RingToChainstay);
    }

    /** In km/h, in the highest gear, where the motor stops pulling. */
    public function topSpeed(): float
    {
        return $this->gears->highest()->speedAt($this->motor->maxCrankRpm);
    }

    /** Metres for a turn of the crank in the lowest gear. */
    public function lowestDevelopment(): float
    {
        return $this->gears->lowest()->development;
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
        return $this->criteria()->beat($other->criteria());
    }

    private function criteria(): Criteria
    {
        return new Criteria([
            $this->offset ?? INF,
            $this->lowestDevelopment(),
            -$this->topSpeed(),
            $this->stack->verdict === Verdict::Clear ? 0 : 1,
        ]);
    }
}
