<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Mount\Sleeve;

use NeatSpindle\Core\Build\BuildStep;
use NeatSpindle\Core\Build\Compound;
use NeatSpindle\Core\Build\MountSteps;
use NeatSpindle\Core\Drawer\Place;
use NeatSpindle\Core\Mount\Stack;
use NeatSpindle\Core\Prose\Wording;
use NeatSpindle\Core\Turn\Action;
use NeatSpindle\Core\Turn\Hand;
use NeatSpindle\Core\Turn\Side;
use NeatSpindle\Core\Turn\Turn;

/** A sleeve motor: body from the drive side, plate and nut from the left; bolts run in, then the nut to torque, then the bolts. */
final readonly class SleeveSteps implements MountSteps
{
    public function __construct(private Stack $stack, private SleeveArrangement $fit, private Sleeve $sleeve) {}

    public function firstSpacers(): string
    {
        return "Drive side: {$this->stack->placeText(Place::Drive)}.";
    }

    public function needsTheRingFirst(): bool
    {
        return false;
    }

    public function beforeTheRing(): array
    {
        return [];
    }

    public function setAfter(): string
    {
        return 'nut-hand';
    }

    public function body(): array
    {
        return [
            BuildStep::worded(
                'body-in', 'The body', Wording::of(SleeveWords::BODY_IN, drive: $this->stack->placeText(Place::Drive)),
                after: ['dry-fit'],
            ),
            BuildStep::worded(
                'plate-on', 'The body',
                Wording::of(SleeveWords::PLATE_ON, plate: $this->stack->placeText(Place::Plate), nut: $this->stack->placeText(Place::Nut)),
                after: ['body-in'],
            ),
            BuildStep::worded(
                'bolts-hand', 'The body',
                Wording::of(SleeveWords::BOLTS_HAND, thread: $this->sleeve->bossBolt->thread, boltLength: $this->fit->boltLength, boss: $this->stack->placeText(Place::Boss)),
                turn: new Turn('Plate bolt', Hand::Right, Action::Tighten, Side::NonDrive), compound: Compound::Locking, after: ['plate-on'],
            ),
            BuildStep::worded(
                'nut-hand', 'The body', Wording::of(SleeveWords::NUT_HAND),
                turn: new Turn('Nut', Hand::Right, Action::Tighten, Side::NonDrive), compound: Compound::Locking,
                after: ['bolts-hand'],
            ),
        ];
    }

    public function torquing(): array
    {
        return [
            BuildStep::worded(
                'nut-torque', 'Torque', Wording::of(SleeveWords::NUT_TORQUE),
                turn: new Turn('Nut', Hand::Right, Action::Tighten, Side::NonDrive),
                torque: $this->sleeve->nut->torque, recordsTorque: true, after: ['set-rest'],
            ),
            BuildStep::worded('plate-look', 'Torque', Wording::of(SleeveWords::PLATE_LOOK), after: ['nut-torque']),
            BuildStep::worded(
                'boss-bolts', 'Torque',
                Wording::of(SleeveWords::BOSS_BOLTS, thread: $this->sleeve->bossBolt->thread, boltLength: $this->fit->boltLength),
                turn: new Turn('Plate bolt', Hand::Right, Action::Tighten, Side::NonDrive), recordsTorque: true, after: ['plate-look'],
            ),
            ...$this->lockring(),
        ];
    }

    public function heldBy(): string
    {
        return 'nut-torque';
    }

    public function beforeTheLeftCrank(): array
    {
        return $this->sleeve->lockring === null ? ['boss-bolts'] : ['lockring', 'boss-bolts'];
    }

    public function gates(array $answers): array
    {
        return [];
    }

    /** @return list<BuildStep> none for a kit with a single nut */
    private function lockring(): array
    {
        return $this->sleeve->lockring === null ? [] : [
            BuildStep::worded(
                'lockring', 'Torque', Wording::of(SleeveWords::LOCKRING),
                turn: new Turn('Lock ring', Hand::Right, Action::Tighten, Side::NonDrive),
                torque: $this->sleeve->lockring->torque, recordsTorque: true, compound: Compound::None,
                after: ['nut-torque'],
            ),
        ];
    }
}
