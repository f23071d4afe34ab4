<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Line;

/** The chain's way from the ring to one cog. In mm and degrees. */
final readonly class CogLine
{
    public function __construct(
        public int $teeth,
        public float $position,
        public float $offset,
        public float $angle,
        public LineVerdict $verdict,
    ) {}
}
