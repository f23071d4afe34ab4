<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Yoke;

use NeatSpindle\Core\Ground\Prose\Wording;
use NeatSpindle\Core\Ground\Turn\Action;
use NeatSpindle\Core\Ground\Turn\Hand;
use NeatSpindle\Core\Ground\Turn\Side;
use NeatSpindle\Core\Ground\Turn\Turn;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Compound;
use NeatSpindle\Core\Holding\Build\MountSteps;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Fastening\Fastener;

/** A yoke motor: body around the shell, yoke trapped in its slot, cup from the left, spindle last. */
final readonly class YokeSteps implements MountSteps
{
    /**
     * @param  ?Hand  $cupHand of the cup's thread, by its papers; it is never assumed
     * @param  bool  $hasHanger whether its body hangs at bolts that find their place
     * @param  bool  $isMiddleLookedAt whether no paper says where the cranks come to stand
     */
    public function __construct(private Stack $stack, private ?Hand $cupHand, private bool $hasHanger, private bool $isMiddleLookedAt) {}

    private function cup(): ?Turn
    {
        return $this->cupHand === null ? null : new Turn('Cup', $this->cupHand, Action::Tighten, Side::NonDrive);
    }

    private function cupWords(): string
    {
        return $this->cupHand === null
            ? ' Which way its thread goes its papers say: the body’s own, or the shell’s; try it by hand, never by force.' : '';
    }

    public function firstSpacers(): string
    {
        return "Drive side: {$this->stack->placeText(Place::Drive)}. Left of the shell: {$this->stack->placeText(Place::Plate)}.";
    }

    public function needsTheRingFirst(): bool
    {
        return false;
    }

    public function keepsTheBracket(): bool
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
                'body-in', BuildStep::BODY,
                Wording::of(YokeWords::BODY_IN, drive: $this->stack->placeText(Place::Drive), plate: $this->stack->placeText(Place::Plate)),
                after: ['dry-fit'],
            ),
            BuildStep::worded('yoke-in', BuildStep::BODY, Wording::of(YokeWords::YOKE_IN), after: ['body-in']),
            BuildStep::worded(
                'cup-hand', BuildStep::BODY, Wording::of(YokeWords::CUP_HAND, thread: $this->cupWords()),
                turn: $this->cup(), compound: Compound::Grease,
                after: ['yoke-in'],
            ),
            BuildStep::worded(
                'slot', BuildStep::BODY,
                Wording::of(YokeWords::SLOT, slotInner: $this->stack->placeText(Place::SlotInner), slotOuter: $this->stack->placeText(Place::SlotOuter)),
                after: ['cup-hand'],
            ),
            ...($this->hasHanger ? [BuildStep::worded('hanger', BuildStep::BODY, Wording::of(YokeWords::HANGER), after: ['slot'])] : []),
            BuildStep::worded(
                'yoke-screws', BuildStep::BODY, Wording::of(YokeWords::YOKE_SCREWS), fastener: Fastener::YokeScrews, compound: Compound::Locking,
                after: $this->hasHanger ? ['slot', 'hanger'] : ['slot'],
            ),
        ];
    }

    public function torquing(): array
    {
        return [
            BuildStep::worded(
                'cup-torque', BuildStep::TORQUE, Wording::of(YokeWords::CUP_TORQUE),
                turn: $this->cup(), fastener: Fastener::Cup,
                compound: Compound::Grease, after: ['set-rest'],
            ),
            BuildStep::worded(
                'spindle', BuildStep::TORQUE, Wording::of(YokeWords::SPINDLE), compound: Compound::Grease, after: ['cup-torque'],
            ),
            BuildStep::worded('preload', BuildStep::TORQUE, Wording::of(YokeWords::PRELOAD), after: ['spindle']),
            ...($this->isMiddleLookedAt ? [BuildStep::worded('middle-look', BuildStep::TORQUE, Wording::of(YokeWords::MIDDLE_LOOK), after: ['preload'])] : []),
            BuildStep::worded(
                'collar-screw', BuildStep::TORQUE, Wording::of(YokeWords::COLLAR_SCREW, crank: $this->stack->placeText(Place::Crank)),
                fastener: Fastener::CollarScrew, after: $this->isMiddleLookedAt ? ['preload', 'middle-look'] : ['preload'],
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

    public function seatsRightCrankAt(): null
    {
        return null;
    }

    public function laysTheBikesChain(): bool
    {
        return false;
    }

    public function parts(): array
    {
        return [];
    }

    public function takes(): array
    {
        return [
            'dry-fit' => $this->stack->pieces(Place::Drive, Place::Plate),
            'body-in' => $this->stack->pieces(Place::Drive, Place::Plate),
            'slot' => $this->stack->pieces(Place::SlotInner, Place::SlotOuter),
            'collar-screw' => $this->stack->pieces(Place::Crank),
        ];
    }

    public function gates(): array
    {
        return [];
    }
}
