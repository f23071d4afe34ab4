<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Line;

/**
 * The chain's way from the ring to one cog, with the doubt of its offset. In mm and degrees. It is settled when nothing
 * inside the doubt would change the verdict.
 */
final readonly class CogLine
{
    public function __construct(
        public int $teeth,
        public float $position,
        public float $offset,
        public float $plusMinus,
        public float $angle,
        public LineVerdict $verdict,
        public bool $isSettled,
    ) {}
}
