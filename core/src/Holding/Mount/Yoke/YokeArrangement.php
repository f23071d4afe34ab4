<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Yoke;

use NeatSpindle\Core\Holding\Mount\Arrangement;

/** Where the parts of a solved yoke stack end up. In mm; depths are from the body's datum leftwards. */
final readonly class YokeArrangement implements Arrangement
{
    /**
     * @param  float  $yokeInnerFace depth of the yoke's right face
     * @param  ?float  $crankAsymmetry with its sign; null where nobody has said where the right crank sits
     * @param  float  $cupEngagement how much of the body's thread the cup takes
     */
    public function __construct(
        public float $yokeInnerFace,
        public float $cupEngagement,
        public float $ringOutboard,
        public ?float $crankAsymmetry = null,
    ) {}

    public function ringOutboard(): float
    {
        return $this->ringOutboard;
    }

    public function isComplete(): bool
    {
        return true;
    }

    public function figures(): array
    {
        return ['engagement_mm' => ['cup' => $this->cupEngagement], 'crank_asymmetry_mm' => $this->crankAsymmetry, 'ring_outboard_of_shell_mm' => $this->ringOutboard];
    }
}
