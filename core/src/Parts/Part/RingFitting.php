<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Part;

/** How the chosen ring goes on, as far as it is known: which way round, on what, with how many bolts. */
final readonly class RingFitting
{
    /**
     * @param  ?int  $bolts null where nobody has said
     * @param  bool  $isNarrowWide whether wide teeth take the chain's wide plates
     */
    public function __construct(public ?RingMounting $mounting = null, public ?int $bolts = null, public bool $isNarrowWide = false) {}

    /** Which of its sides is turned to the motor. */
    public function side(): string
    {
        return $this->mounting?->isTurned === true ? 'Turned round: its outer side to the motor' : 'As it comes: its dished side to the motor';
    }

    /** What it is bolted to. */
    public function face(): string
    {
        return match (true) {
            $this->mounting?->spider === null => 'on the motor’s own ring face',
            $this->mounting->isInside => "on the inner face of spider {$this->mounting->spider->label()}",
            default => "on the outer face of spider {$this->mounting->spider->label()}",
        };
    }

    public function boltCount(): string
    {
        return $this->bolts === null ? 'All its bolts' : "Its {$this->bolts} bolts";
    }
}
