<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\TwinPlate;

use NeatSpindle\Core\Ground\Prose\Wording;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Compound;
use NeatSpindle\Core\Holding\Build\Gate;
use NeatSpindle\Core\Holding\Build\MountSteps;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Fastening\Fastener;

/** A twin-plate motor: the shell keeps its spindle, the motor hangs beside it and drives a first chain of its own, or the bike's. */
final readonly class TwinPlateSteps implements MountSteps
{
    private const OWN_CHAIN = 'first-chain';

    private const BIKES_CHAIN = 'bikes-chain';

    /**
     * @param  bool  $hasCassette false for a hub gear or a single cog
     * @param  array<string, string>  $answers of the survey, by the spot's code
     * @param  ?bool  $isThreaded whether the shell has a thread; null where nobody has said
     * @param  bool  $bracketStays whether spindle and cups are the frame's own, and never came out
     */
    public function __construct(
        private Stack $stack, private TwinPlate $plates, private bool $hasCassette, private array $answers, private ?bool $isThreaded = null,
        private bool $bracketStays = false,
    ) {}

    public function firstSpacers(): string
    {
        return "Between the plates: {$this->stack->placeText(Place::Drive)}.";
    }

    public function needsTheRingFirst(): bool
    {
        return true;
    }

    public function keepsTheBracket(): bool
    {
        return $this->bracketStays;
    }

    public function beforeTheRing(): array
    {
        $byHand = Wording::of(
            TwinPlateWords::BOLT_BY_HAND, crank: $this->stack->placeText(Place::Crank), minBoltTurns: $this->plates->minBoltTurns,
        );

        return $this->bracketStays ? [
            BuildStep::worded('play', BuildStep::GAP, Wording::of(TwinPlateWords::PLAY_OF_ITS_OWN), after: ['dry-fit']),
            BuildStep::worded('bolt-by-hand', BuildStep::GAP, $byHand, after: ['play']),
        ] : [...$this->spindleAndCups(), BuildStep::worded('bolt-by-hand', BuildStep::GAP, $byHand, after: ['cups-torque'])];
    }

    /** @return list<BuildStep> the spindle into its bearings, the first chain round it where it has one of its own */
    private function spindleAndCups(): array
    {
        return [
            BuildStep::worded(
                'bearings', BuildStep::GAP, Wording::of(TwinPlateWords::BEARINGS, cup: $this->isThreaded === false ? TwinPlateWords::CUP_PRESSED : TwinPlateWords::CUP_THREADED),
                compound: Compound::Grease, after: ['dry-fit'],
            ),
            ...($this->laysTheBikesChain() ? [] : [
                BuildStep::worded('first-chain-laid', BuildStep::GAP, Wording::of(TwinPlateWords::FIRST_CHAIN_LAID), after: ['bearings']),
            ]),
            BuildStep::worded(
                'spindle-home', BuildStep::GAP, Wording::of(TwinPlateWords::SPINDLE_HOME), compound: Compound::Grease,
                after: $this->laysTheBikesChain() ? ['bearings'] : ['bearings', 'first-chain-laid'],
            ),
            BuildStep::worded('play', BuildStep::GAP, Wording::of(TwinPlateWords::PLAY), after: ['spindle-home']),
            BuildStep::worded(
                'cups-torque', BuildStep::GAP, Wording::of(TwinPlateWords::CUPS_TORQUE), fastener: Fastener::ShellCup, after: ['play'],
            ),
        ];
    }

    public function setAfter(): string
    {
        return $this->chainStep();
    }

    public function body(): array
    {
        return [
            BuildStep::worded(
                'ring-to-plate', BuildStep::BODY, Wording::of(TwinPlateWords::RING_TO_PLATE), after: ['bolt-by-hand', 'ring'],
            ),
            BuildStep::worded('plates-on', BuildStep::BODY, Wording::of(TwinPlateWords::PLATES_ON), after: ['ring-to-plate']),
            BuildStep::worded(
                'body-in', BuildStep::BODY,
                Wording::of(
                    TwinPlateWords::BODY_IN, drive: $this->stack->placeText(Place::Drive), left: $this->stack->placeText(Place::Left),
                ),
                after: ['plates-on'],
            ),
            BuildStep::worded($this->chainStep(), BuildStep::BODY, $this->chainWords(), after: ['ring', 'body-in']),
        ];
    }

    public function torquing(): array
    {
        return [
            BuildStep::worded(
                'plate-bolts', BuildStep::TORQUE, Wording::of(TwinPlateWords::PLATE_BOLTS), fastener: Fastener::PlateScrews,
                compound: Compound::Locking, after: ['set-rest'],
            ),
            BuildStep::worded(
                'arm-look', BuildStep::TORQUE, Wording::of(TwinPlateWords::ARM_LOOK, wheels: $this->wheels()), after: ['plate-bolts'],
            ),
        ];
    }

    public function heldBy(): string
    {
        return 'arm-look';
    }

    public function beforeTheLeftCrank(): array
    {
        return ['bolt-by-hand', 'arm-look'];
    }

    public function seatsRightCrankAt(): string
    {
        return 'bolt-by-hand';
    }

    public function laysTheBikesChain(): bool
    {
        return $this->said(Spot::DriveChain) === 'bikes';
    }

    public function parts(): array
    {
        return match (true) {
            $this->laysTheBikesChain() => [],
            $this->bracketStays => [self::OWN_CHAIN => 'First chain with a joining link'],
            default => ['first-chain-laid' => 'First chain, with a joining link or looped over'],
        };
    }

    public function takes(): array
    {
        return [
            'dry-fit' => $this->stack->pieces(Place::Drive),
            'bolt-by-hand' => $this->stack->pieces(Place::Crank),
            'body-in' => $this->stack->pieces(Place::Drive, Place::Left),
        ];
    }

    public function gates(): array
    {
        [$feel, $turns] = array_map($this->said(...), [Spot::BearingFeel, Spot::CrankBoltTurns]);
        [$arm, $chain] = array_map($this->said(...), [Spot::TensionerArm, Spot::DriveChain]);

        return [
            new Gate('Which chain the motor drives', $chain === null ? 'not said yet; say so on Stack.' : null, $chain !== null),
            new Gate('Spindle turned by hand', self::feel($feel), $feel !== null),
            new Gate('Crank bolt by hand', $this->turns($turns), $turns !== null, 'bolt-by-hand'),
            new Gate('Ring, pulley and pinion in one plane', self::plane($arm), $arm !== null, $this->chainStep()),
        ];
    }

    private function chainStep(): string
    {
        return $this->laysTheBikesChain() ? self::BIKES_CHAIN : self::OWN_CHAIN;
    }

    private function chainWords(): Wording
    {
        $bikes = fn (string $look): Wording => Wording::of(TwinPlateWords::BIKES_CHAIN, wheels: $this->wheels(), look: $look);

        return match (true) {
            ! $this->laysTheBikesChain() => Wording::of(
                TwinPlateWords::FIRST_CHAIN, whence: $this->bracketStays ? 'Laid over both and joined with its link' : TwinPlateWords::FIRST_CHAIN_LIES_THERE,
            ),
            $this->hasCassette => $bikes('On the smallest cog the chain keeps clear of the ring’s teeth'),
            default => $bikes('The chain keeps clear of the ring’s teeth where it runs back'),
        };
    }

    /** What the chain lies on, in the order it runs. */
    private function wheels(): string
    {
        return match (true) {
            ! $this->laysTheBikesChain() => 'ring, pulley and pinion',
            $this->hasCassette => 'cassette, arm’s pulley, pinion and ring',
            default => 'cog, arm’s pulley, pinion and ring',
        };
    }

    private function said(Spot $spot): ?string
    {
        return $this->answers[$spot->value] ?? null;
    }

    private static function feel(?string $feel): ?string
    {
        return match ($feel) {
            'free' => null,
            'play' => 'it has end play; cure it at bearings and cups.',
            'drag' => 'it drags; cure it at bearings and cups.',
            default => 'not tried yet; say on Stack how it turns.',
        };
    }

    private function turns(?string $turns): ?string
    {
        return match (true) {
            $turns === null => "not tried yet; count its full turns, at least {$this->plates->minBoltTurns}, and say so on Stack.",
            (float) $turns < $this->plates->minBoltTurns => "{$turns} of at least {$this->plates->minBoltTurns} full turns.",
            default => null,
        };
    }

    private static function plane(?string $arm): ?string
    {
        return match ($arm) {
            'free' => null,
            'end' => 'the tensioner’s arm is at its end.',
            'touches' => 'the chain touches the ring.',
            default => 'not looked at yet; say on Stack how the tensioner’s arm swings.',
        };
    }
}
