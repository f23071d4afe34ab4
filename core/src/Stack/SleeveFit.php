<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

/** Where the parts of a solved sleeve stack end up. In mm; depths are from the shoulder leftwards. */
final readonly class SleeveFit
{
    /**
     * @param  float  $plateOuterFace depth of the plate's left face
     * @param  float  $nutFace depth of the nut's inner face
     * @param  float  $bossGap between plate and bosses, before washers
     * @param  ?int  $boltLength null when no bolt of the trade suits
     * @param  float  $crankAsymmetry positive when the right crank stands further out
     */
    public function __construct(
        public float $plateOuterFace,
        public float $nutFace,
        public float $bossGap,
        public ?int $boltLength,
        public ?float $boltEngagement,
        public float $nutEngagement,
        public float $lockringEngagement,
        public float $threadPitch,
        public float $crankAsymmetry,
        public float $ringOutboard,
    ) {}

    public function nutTurns(): float
    {
        return $this->nutEngagement / $this->threadPitch;
    }

    public function lockringTurns(): float
    {
        return $this->lockringEngagement / $this->threadPitch;
    }
}
