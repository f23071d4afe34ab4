<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Donor\Shell;

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Ground\Turn\Rotation;

/** What has been measured and seen of a bare shell; what is not known yet is null. Lengths in mm. */
final readonly class Shell
{
    /** @param  float  $offset the shell's middle from the frame's centre plane, positive to the drive side */
    public function __construct(
        public Measurement $width,
        public ?Measurement $bore = null,
        public ?bool $threaded = null,
        public ?Measurement $threadPitch = null,
        public ?Rotation $driveCupLoosens = null,
        public float $offset = 0.0,
        public ?Measurement $guideDepth = null,
    ) {}

    public function settled(float $width, float $bore, float $guide): self
    {
        return new self(
            $this->width->settled($width),
            $this->bore?->settled($bore),
            $this->threaded,
            $this->threadPitch,
            $this->driveCupLoosens,
            $this->offset,
            $this->guideDepth?->settled($guide),
        );
    }
}
