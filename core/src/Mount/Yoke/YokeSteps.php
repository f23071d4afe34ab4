<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Mount\Yoke;

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

/** A yoke motor: body around the shell, yoke trapped in its slot, cup from the left, spindle last. */
final readonly class YokeSteps implements MountSteps
{
    public function __construct(private Stack $stack) {}

    public function firstSpacers(): string
    {
        return "Drive side: {$this->stack->placeText(Place::Drive)}. Left of the shell: {$this->stack->placeText(Place::Plate)}.";
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
        return 'yoke-screws';
    }

    public function body(): array
    {
        return [
            BuildStep::worded(
                'body-in', 'The body',
                Wording::of(YokeWords::BODY_IN, drive: $this->stack->placeText(Place::Drive), plate: $this->stack->placeText(Place::Plate)),
                after: ['dry-fit'],
            ),
            BuildStep::worded('yoke-in', 'The body', Wording::of(YokeWords::YOKE_IN), after: ['body-in']),
            BuildStep::worded(
                'cup-hand', 'The body', Wording::of(YokeWords::CUP_HAND),
                turn: new Turn('Cup', Hand::Right, Action::Tighten, Side::NonDrive), compound: Compound::Grease,
                after: ['yoke-in'],
            ),
            BuildStep::worded(
                'slot', 'The body',
                Wording::of(YokeWords::SLOT, slotInner: $this->stack->placeText(Place::SlotInner), slotOuter: $this->stack->placeText(Place::SlotOuter)),
                after: ['cup-hand'],
            ),
            BuildStep::worded(
                'yoke-screws', 'The body', Wording::of(YokeWords::YOKE_SCREWS), recordsTorque: true, compound: Compound::Locking, after: ['slot'],
            ),
        ];
    }

    public function torquing(): array
    {
        return [
            BuildStep::worded(
                'cup-torque', 'Torque', Wording::of(YokeWords::CUP_TORQUE),
                turn: new Turn('Cup', Hand::Right, Action::Tighten, Side::NonDrive), recordsTorque: true,
                compound: Compound::Grease, after: ['set-rest'],
            ),
            BuildStep::worded(
                'spindle', 'Torque', Wording::of(YokeWords::SPINDLE), compound: Compound::Grease, after: ['cup-torque'],
            ),
            BuildStep::worded('preload', 'Torque', Wording::of(YokeWords::PRELOAD), after: ['spindle']),
            BuildStep::worded(
                'collar-screw', 'Torque', Wording::of(YokeWords::COLLAR_SCREW, crank: $this->stack->placeText(Place::Crank)),
                recordsTorque: true, after: ['preload'],
            ),
        ];
    }

    public function heldBy(): string
    {
        return 'collar-screw';
    }

    public function beforeTheLeftCrank(): array
    {
        return ['collar-screw'];
    }

    public function gates(array $answers): array
    {
        return [];
    }
}
