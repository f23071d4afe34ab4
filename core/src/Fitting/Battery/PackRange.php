<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

use NeatSpindle\Core\Ground\Measure\Tolerance;

/** From where to where along the base a pack's front end may lie, in mm from the base's front end. */
final readonly class PackRange
{
    /** What a person reads is rounded to whole millimetres: a place this near an end of the range is that end. */
    private const ROUNDED = 1.0;

    public function __construct(public float $from, public float $to) {}

    public function has(float $at): bool
    {
        return Tolerance::atLeast($at, $this->from) && Tolerance::atMost($at, $this->to);
    }

    /** A place as it was typed; the end itself where it was rounded past it. */
    public function typed(float $at): float
    {
        return match (true) {
            $this->has($at) => $at,
            abs($at - $this->from) < self::ROUNDED => $this->from,
            abs($at - $this->to) < self::ROUNDED => $this->to,
            default => $at,
        };
    }

    /** A place moved along, to an end of the range at the most. */
    public function moved(float $at, float $by): float
    {
        return min(max($at + $by, $this->from), $this->to);
    }
}
