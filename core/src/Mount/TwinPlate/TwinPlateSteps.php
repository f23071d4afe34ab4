<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Mount\TwinPlate;

use NeatSpindle\Core\Build\BuildStep;
use NeatSpindle\Core\Build\Compound;
use NeatSpindle\Core\Build\Gate;
use NeatSpindle\Core\Build\MountSteps;
use NeatSpindle\Core\Drawer\Place;
use NeatSpindle\Core\Mount\Stack;
use NeatSpindle\Core\Prose\Wording;
use NeatSpindle\Core\Survey\Spot;

/** A twin-plate motor: the shell keeps its spindle, the motor hangs beside it, a first chain drives the ring. */
final readonly class TwinPlateSteps implements MountSteps
{
    public function __construct(private Stack $stack, private TwinPlate $plates) {}

    public function firstSpacers(): string
    {
        return "Between the plates: {$this->stack->placeText(Place::Drive)}.";
    }

    public function needsTheRingFirst(): bool
    {
        return true;
    }

    public function beforeTheRing(): array
    {
        return [
            BuildStep::worded('bearings', 'Before the gap closes', Wording::of(TwinPlateWords::BEARINGS), compound: Compound::Grease, after: ['dry-fit']),
            BuildStep::worded('play', 'Before the gap closes', Wording::of(TwinPlateWords::PLAY), after: ['bearings']),
        ];
    }

    public function setAfter(): string
    {
        return 'first-chain';
    }

    public function body(): array
    {
        return [
            BuildStep::worded(
                'bolt-by-hand', 'The body',
                Wording::of(TwinPlateWords::BOLT_BY_HAND, crank: $this->stack->placeText(Place::Crank), minBoltTurns: $this->plates->minBoltTurns),
                after: ['play', 'ring'],
            ),
            BuildStep::worded('plates-on', 'The body', Wording::of(TwinPlateWords::PLATES_ON), after: ['bolt-by-hand']),
            BuildStep::worded(
                'body-in', 'The body',
                Wording::of(TwinPlateWords::BODY_IN, drive: $this->stack->placeText(Place::Drive), left: $this->stack->placeText(Place::Left)),
                after: ['plates-on'],
            ),
            BuildStep::worded('first-chain', 'The body', Wording::of(TwinPlateWords::FIRST_CHAIN), after: ['ring', 'body-in']),
        ];
    }

    public function torquing(): array
    {
        return [
            BuildStep::worded(
                'plate-bolts', 'Torque', Wording::of(TwinPlateWords::PLATE_BOLTS), recordsTorque: true,
                compound: Compound::Locking, after: ['set-rest'],
            ),
            BuildStep::worded('arm-look', 'Torque', Wording::of(TwinPlateWords::ARM_LOOK), after: ['plate-bolts']),
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

    public function gates(array $answers): array
    {
        [$feel, $turns, $arm] = array_map(fn (Spot $spot) => $answers[$spot->value] ?? null, [Spot::BearingFeel, Spot::CrankBoltTurns, Spot::TensionerArm]);

        return [
            new Gate('Spindle turned by hand', self::feel($feel), $feel !== null),
            new Gate('Crank bolt by hand', $this->turns($turns), $turns !== null),
            new Gate('Ring, pulley and pinion in one plane', self::plane($arm), $arm !== null, 'first-chain'),
        ];
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
