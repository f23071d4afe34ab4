<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Build;

/** The steps of a build that differ from mount to mount: how the body goes in and what holds it there. */
interface MountSteps
{
    /** Where spacers go before anything else does, in words. */
    public function firstSpacers(): string;

    /** @return list<BuildStep> the body into the frame, by hand only */
    public function body(): array;

    /** @return list<BuildStep> what is torqued once it is set */
    public function torquing(): array;

    /** The step after which cranks may go on. */
    public function heldBy(): string;

    /** @return list<string> what else must be done before the left crank closes it off */
    public function beforeTheLeftCrank(): array;

    /** @return list<BuildStep> what a first chain needs; none where the motor drives the crank itself */
    public function firstChain(): array;

    /**
     * What has to be looked at by hand before torque goes on.
     *
     * @param  array<string, string>  $answers by the spot's code
     * @return list<Gate>
     */
    public function gates(array $answers): array;
}
