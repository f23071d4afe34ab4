<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

/** The steps of a build that differ from mount to mount: how the body goes in and what holds it there. */
interface MountSteps
{
    /** Where spacers go before anything else does, in words. */
    public function firstSpacers(): string;

    /** Whether the ring has to be on before the body goes in, wherever it stands. */
    public function needsTheRingFirst(): bool;

    /** Whether the frame's own spindle and cups stay in, and with them the left crank and its pedal. */
    public function keepsTheBracket(): bool;

    /** @return list<BuildStep> what comes before a ring that goes on first */
    public function beforeTheRing(): array;

    /** @return list<BuildStep> the body into the frame; what is torqued in it does not hold the body */
    public function body(): array;

    /** The step after which the body is set against its rest. */
    public function setAfter(): string;

    /** @return list<BuildStep> what is torqued once it is set */
    public function torquing(): array;

    /** The step after which cranks may go on. */
    public function heldBy(): string;

    /** @return list<string> what else must be done before the left crank closes it off */
    public function beforeTheLeftCrank(): array;

    /** The step at which the ring's own crank is put on, where the mount needs it there before the body; null where cranks go on last. */
    public function seatsRightCrankAt(): ?string;

    /** Whether the motor drives the bike's own chain, which then lies on before the body is torqued. */
    public function laysTheBikesChain(): bool;

    /** @return array<string, string> what it needs besides spacers and its own box, by the code of the step that takes it */
    public function parts(): array;

    /** @return array<string, array<string, string>> pieces and bolts each of its steps takes, in words, by what they are, by the step's code */
    public function takes(): array;

    /** @return list<Gate> what has to be looked at by hand before torque goes on */
    public function gates(): array;
}
