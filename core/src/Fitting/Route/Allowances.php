<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

use function in_array;

/** Slack for what moves, and for dressing the run neatly. In mm and percent. */
final readonly class Allowances
{
    public function __construct(
        public float $steering = 80.0,
        public float $pivot = 40.0,
        public float $dressingPercent = 3.0,
    ) {}

    /** What a run is given where nobody has said otherwise. */
    public static function usual(): self
    {
        return new self;
    }

    /** What a stretch costs, in mm. */
    public function cost(Edge $stretch): float
    {
        return $stretch->length
            + (in_array('steering', $stretch->tags, true) ? $this->steering : 0.0)
            + (in_array('pivot', $stretch->tags, true) ? $this->pivot : 0.0);
    }

    public function dressed(float $mm): float
    {
        return $mm * (1 + $this->dressingPercent / 100);
    }
}
