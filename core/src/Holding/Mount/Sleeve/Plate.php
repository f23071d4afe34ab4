<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Sleeve;

/** The fixing plate of a sleeve mount; smooth when its teeth have no height. In mm. */
final readonly class Plate
{
    public function __construct(public float $thickness, public float $toothHeight = 0.0) {}

    public function isToothed(): bool
    {
        return $this->toothHeight > 0.0;
    }
}
