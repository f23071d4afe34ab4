<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Reaction;

/** How the nut is torqued, on which face, and what the body rests on. */
final readonly class Torquing
{
    /**
     * @param  float  $nutTorque in N·m
     * @param  float  $faceOuter outer diameter of the shell's face, in mm
     * @param  float  $faceInner its inner diameter, in mm
     * @param  ?GapBlock  $gap what keeps something soft in the gap whole; null where nothing was measured
     * @param  ?float  $restRadius from the axis to where the body rests, in mm; null without a rest
     */
    public function __construct(
        public float $nutTorque,
        public ThreadState $threadState = ThreadState::Dry,
        public ShellFace $face = ShellFace::Painted,
        public float $faceOuter = 40.0,
        public float $faceInner = 34.0,
        public ?float $restRadius = null,
        public ?GapBlock $gap = null,
    ) {}

    /** The mean radius of the face, in metres. */
    public function meanRadius(): float
    {
        return ($this->faceOuter + $this->faceInner) / 4 / 1000;
    }
}
