<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Mount\Yoke;

use NeatSpindle\Core\Build\BuildStep;
use NeatSpindle\Core\Build\Compound;
use NeatSpindle\Core\Build\MountSteps;
use NeatSpindle\Core\Drawer\Place;
use NeatSpindle\Core\Mount\Stack;
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

    public function body(): array
    {
        return [
            new BuildStep('body-in', 'The body', 'Body up around the shell', "Drive side: {$this->stack->placeText(Place::Drive)}. Left of the shell, up to the yoke: {$this->stack->placeText(Place::Plate)}.",
                look: 'Body square on the shell or spacers', closesOff: 'the harness between body and shell', after: ['dry-fit']),
            new BuildStep('yoke-in', 'The body', 'Yoke into its slot', "Inside it: {$this->stack->placeText(Place::SlotInner)}. Outside it: {$this->stack->placeText(Place::SlotOuter)}.",
                look: 'The yoke cannot walk either way', after: ['body-in']),
            new BuildStep('cup-hand', 'The body', 'Cup in from the left, by hand', 'Grease on its thread. By hand until its flange touches the yoke; if it binds, out again.',
                turn: new Turn('Cup', Hand::Right, Action::Tighten, Side::NonDrive), compound: Compound::Grease, after: ['yoke-in']),
            new BuildStep('set-rest', 'The body', 'Set the body against its rest', 'Swing it until it rests. Nothing clamps it: the rest carries all of the motor’s torque.',
                look: 'Nothing soft in the gap', caution: 'Something soft in the gap is a stop: the body will creep until it is cut.', after: ['cup-hand']),
        ];
    }

    public function torquing(): array
    {
        return [
            new BuildStep('cup-torque', 'Torque', 'Cup to torque', 'Wheels on the floor, body on its rest.', 'Cup tool, held on with a clamp; torque wrench',
                new Turn('Cup', Hand::Right, Action::Tighten, Side::NonDrive), null, true, Compound::Grease, look: 'Yoke still flat', after: ['set-rest']),
            new BuildStep('spindle', 'Torque', 'Spindle in, preload by hand', "Find the splines by turning, never by force. Preload until play is gone and it still turns freely, then lock it. From the collar up to the mark: {$this->stack->placeText(Place::Crank)}.",
                look: 'No play, no drag; the crank stops on its spacers', after: ['cup-torque']),
        ];
    }

    public function heldBy(): string
    {
        return 'spindle';
    }

    public function beforeTheLeftCrank(): array
    {
        return ['spindle'];
    }

    public function firstChain(): array
    {
        return [];
    }

    public function gates(array $answers): array
    {
        return [];
    }
}
