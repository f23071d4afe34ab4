<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Mount\Sleeve;

use NeatSpindle\Core\Build\BuildStep;
use NeatSpindle\Core\Build\Compound;
use NeatSpindle\Core\Build\MountSteps;
use NeatSpindle\Core\Drawer\Place;
use NeatSpindle\Core\Mount\Stack;
use NeatSpindle\Core\Turn\Action;
use NeatSpindle\Core\Turn\Hand;
use NeatSpindle\Core\Turn\Side;
use NeatSpindle\Core\Turn\Turn;

/** A sleeve motor: body from the drive side, plate and nut from the left; nut before the plate's bolts. */
final readonly class SleeveSteps implements MountSteps
{
    public function __construct(private Stack $stack, private SleeveArrangement $fit, private Sleeve $sleeve) {}

    public function firstSpacers(): string
    {
        return "Drive side: {$this->stack->placeText(Place::Drive)}.";
    }

    public function body(): array
    {
        return [
            new BuildStep('body-in', 'The body', 'Body in from the drive side', "On the sleeve first: {$this->stack->placeText(Place::Drive)}.",
                look: 'Shoulder square on the shell or spacers', closesOff: 'the harness between body and shell', after: ['dry-fit']),
            new BuildStep('plate-on', 'The body', 'Plate on from the left', "Under it: {$this->stack->placeText(Place::Plate)}. Outside it, under the nut: {$this->stack->placeText(Place::Nut)}.",
                look: 'Plate flat all round', after: ['body-in']),
            new BuildStep('nut-hand', 'The body', 'Nut on by hand', 'Locking compound on the sleeve’s thread where the nut will sit; nut down by hand until it touches.',
                turn: new Turn('Nut', Hand::Right, Action::Tighten, Side::NonDrive), compound: Compound::Locking, after: ['plate-on']),
            new BuildStep('set-rest', 'The body', 'Set the body against its rest', 'Swing it up until it rests on the frame or on a hard block. Never on a cable or a hose.',
                look: 'Nothing soft in the gap', caution: 'Something soft in the gap is a stop: the body will creep until it is cut.', after: ['nut-hand']),
        ];
    }

    public function torquing(): array
    {
        return [
            new BuildStep('nut-torque', 'Torque', 'Nut to torque', 'Wheels on the floor, inverted or upright, body on its rest. Nut before the plate’s bolts: it pulls the plate flat.',
                'Nut socket over the spindle, torque wrench', new Turn('Nut', Hand::Right, Action::Tighten, Side::NonDrive), $this->sleeve->nut->torque, true,
                look: 'Body has not moved', after: ['set-rest']),
            new BuildStep('boss-bolts', 'Torque', "Plate bolts, {$this->sleeve->bossBolt->thread} × {$this->fit->boltLength}", "Between plate and bosses: {$this->stack->placeText(Place::Boss)}. Alternate until both are down.",
                'Key for the bolt heads', new Turn('Plate bolt', Hand::Right, Action::Tighten, Side::NonDrive), null, true, Compound::Locking,
                look: 'Plate still flat on the shell', after: ['nut-torque']),
            new BuildStep('lockring', 'Torque', 'Lock ring to torque', 'Hold the nut still while the ring goes down. No locking compound: thin and light, and it must come off again.',
                'Lock ring tool, torque wrench', new Turn('Lock ring', Hand::Right, Action::Tighten, Side::NonDrive), $this->sleeve->lockring->torque, true, Compound::None,
                closesOff: 'the nut', after: ['nut-torque']),
        ];
    }

    public function heldBy(): string
    {
        return 'nut-torque';
    }

    public function beforeTheLeftCrank(): array
    {
        return ['lockring', 'boss-bolts'];
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
