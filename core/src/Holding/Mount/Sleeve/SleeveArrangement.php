<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Sleeve;

use NeatSpindle\Core\Holding\Mount\Arrangement;

/** Where the parts of a solved sleeve stack end up. In mm; depths are from the shoulder leftwards. */
final readonly class SleeveArrangement implements Arrangement
{
    /**
     * @param  float  $plateOuterFace depth of the plate's left face
     * @param  float  $nutFace depth of the nut's inner face
     * @param  ?int  $boltLength null when no bolt of the trade suits
     * @param  ?float  $lockringEngagement null for a kit with a single nut
     * @param  float  $crankAsymmetry positive when the right crank stands further out
     */
    public function __construct(
        public float $plateOuterFace,
        public float $nutFace,
        public ?int $boltLength,
        public ?float $boltEngagement,
        public float $nutEngagement,
        public ?float $lockringEngagement,
        public float $threadPitch,
        public float $crankAsymmetry,
        public float $ringOutboard,
    ) {}

    public function ringOutboard(): float
    {
        return $this->ringOutboard;
    }

    public function isComplete(): bool
    {
        return $this->boltLength !== null;
    }

    public function figures(): array
    {
        return [
            'bolt' => $this->boltLength === null ? null : [
                'length_mm' => $this->boltLength,
                'engagement_mm' => (float) $this->boltEngagement,
            ],
            'engagement_mm' => ['nut' => $this->nutEngagement, 'lockring' => $this->lockringEngagement],
            'turns' => ['nut' => $this->nutTurns(), 'lockring' => $this->lockringTurns()],
            'crank_asymmetry_mm' => $this->crankAsymmetry,
            'ring_outboard_of_shell_mm' => $this->ringOutboard,
        ];
    }

    public function nutTurns(): float
    {
        return $this->nutEngagement / $this->threadPitch;
    }

    public function lockringTurns(): ?float
    {
        return $this->lockringEngagement === null ? null : $this->lockringEngagement / $this->threadPitch;
    }
}
