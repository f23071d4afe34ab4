<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Catalogue;

/** A motor held by a threaded sleeve through the shell, with its plate, nut, lock ring and bolts. All in mm. */
final readonly class Sleeve
{
    /**
     * @param  float  $length from the shoulder to the sleeve's end
     * @param  float  $threadLength how much of that end is threaded
     * @param  float  $bossPlane from the shoulder to the threaded face the plate bolts to
     * @param  float  $spindleLeft from the shoulder to the left crank's end of the spindle
     * @param  float  $spindleRight from the shoulder to the right crank's end of the spindle
     */
    public function __construct(
        public Body $body,
        public float $length,
        public float $threadLength,
        public float $threadPitch,
        public float $bossPlane,
        public float $spindleLeft,
        public float $spindleRight,
        public Plate $plate,
        public Nut $nut,
        public Lockring $lockring,
        public BossBolt $bossBolt,
    ) {}

    /** From the shoulder to where the thread begins. */
    public function threadStart(): float
    {
        return $this->length - $this->threadLength;
    }
}
