<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Donor\Bike\FrameMaterial;
use NeatSpindle\Core\Ground\House\HouseRules;
use NeatSpindle\Core\Ground\House\School;
use NeatSpindle\Core\Parts\Part\Insert;
use NeatSpindle\Core\Parts\Part\Ring;
use NeatSpindle\Core\Sums\Line\Chain;
use NeatSpindle\Core\Sums\Margin\Margin;

/** What the sheet of a build is made from. */
final readonly class BuildPlan
{
    /** A ring this near to the chainstay, in mm, goes on before the motor, so that a clash shows while it is cheap. */
    private const RING_FIRST_WITHIN = 4.0;

    /**
     * @param  string  $motor its code
     * @param  BikeKind  $kind which decides how it stands while it is worked on
     * @param  ?Margin  $ringToChainstay null where the stay is not measured, or no ring follows from the stack
     * @param  bool  $hasOneCog no derailleur, then
     * @param  ?Insert  $insert that has to be pressed in; null where the shell takes the motor as it is
     */
    public function __construct(
        public MountSteps $mount,
        public string $motor,
        public ?Margin $ringToChainstay,
        public Ring $ring,
        public BikeKind $kind,
        public FrameMaterial $material,
        public Chain $chain,
        public bool $hasOneCog,
        public ?Insert $insert,
        public RestPlan $rest,
        public Circumstances $circumstances,
    ) {}

    public function isRingFirst(): bool
    {
        return $this->mount->needsTheRingFirst() || match (true) {
            $this->house()->follows(School::RingBefore) => true,
            $this->house()->follows(School::RingAfter) => false,
            default => $this->ringToChainstay !== null && $this->ringToChainstay->value <= self::RING_FIRST_WITHIN,
        };
    }

    public function house(): HouseRules
    {
        return $this->circumstances->fastening->house;
    }

    /** What goes on the seat of a crank. */
    public function crankCompound(): Compound
    {
        return match (true) {
            $this->house()->follows(School::CrankGreased) => Compound::Grease,
            $this->house()->follows(School::CrankDry) => Compound::None,
            default => $this->circumstances->fastening->crankCompound,
        };
    }

    /** Whether the bike's chain is never opened, whatever drives it. */
    public function isChainWhole(): bool
    {
        $found = $this->circumstances->found;

        return $found->fitted->keepsChain && ! $found->isChainCondemned() && ! $this->house()->follows(School::ChainSplit);
    }

    /** Whether the chain is never opened, and so has to be laid over the ring before the ring is made fast. */
    public function keepsChain(): bool
    {
        return $this->isChainWhole() && ! $this->mount->laysTheBikesChain();
    }
}
