<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Sleeve;

use NeatSpindle\Core\Ground\Measure\Tolerance;

/** The bolts from the plate into the motor's bosses. In mm. */
final readonly class BossBolt
{
    /** Lengths the trade sells, shortest first. */
    public const LENGTHS = [10, 12, 16, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70];

    /** What must stay free at the bottom of the hole. */
    private const BOTTOM_CLEARANCE = 1.0;

    public function __construct(
        public string $thread,
        public float $depth,
        public float $minEngagement,
    ) {}

    /** The shortest bolt that reaches through `reach` mm, engages enough and does not bottom; null if none does. */
    public function shortestThrough(float $reach): ?int
    {
        foreach (self::LENGTHS as $length) {
            $engagement = $length - $reach;
            if (Tolerance::atLeast($engagement, $this->minEngagement)
                && Tolerance::atMost($engagement, $this->depth - self::BOTTOM_CLEARANCE)) {
                return $length;
            }
        }

        return null;
    }
}
