<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

/** A way along the frame between two places, usable in both directions. Length in mm. */
final readonly class Edge
{
    /** @param  list<string>  $tags */
    public function __construct(
        public string $from,
        public string $to,
        public float $length,
        public array $tags = [],
    ) {}

    /** @param  list<string>  $tags */
    public function hasAnyOf(array $tags): bool
    {
        return array_intersect($tags, $this->tags) !== [];
    }
}
