<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Measure;

/** The part maker's torque, lowest to highest, in N·m. */
final readonly class TorqueBand
{
    public function __construct(public float $low, public float $high) {}

    /** Whether it is so far outside that it was probably read wrong: a tenth of the band, or twice it. */
    public function isFarFrom(float $nm): bool
    {
        return $nm <= $this->low / 10 || $nm >= $this->high * 2;
    }

    public function middle(): float
    {
        return ($this->low + $this->high) / 2;
    }

    /** Whether a recorded torque is `below`, `within` or `above` the band. */
    public function place(float $nm): string
    {
        return match (true) {
            $nm < $this->low - 1e-9 => 'below',
            $nm > $this->high + 1e-9 => 'above',
            default => 'within',
        };
    }
}
