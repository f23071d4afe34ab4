<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Reaction;

/** How the nut is torqued, on which face, and what the body rests on. */
final readonly class Torquing
{
    /**
     * @param  float  $nutTorque in N·m
     * @param  ?GapBlock  $gap what keeps something soft in the gap whole; null where nothing was measured
     * @param  ?float  $restRadius from the axis to where the body rests, in mm; null without a rest
     */
    public function __construct(
        public float $nutTorque,
        public ThreadState $threadState = ThreadState::Dry,
        public ShellFace $face = ShellFace::Painted,
        public FaceSize $size = new FaceSize(FaceSize::USUAL_OUTER, FaceSize::USUAL_INNER),
        public ?float $restRadius = null,
        public ?GapBlock $gap = null,
    ) {}
}
