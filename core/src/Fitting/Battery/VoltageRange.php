<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

use NeatSpindle\Core\Ground\Measure\Tolerance;

/** What a motor may be run on, in V: one voltage, or from one to another. */
final readonly class VoltageRange
{
    public function __construct(public float $low, public float $high) {}

    public static function only(float $volts): self
    {
        return new self($volts, $volts);
    }

    public function has(float $volts): bool
    {
        return Tolerance::atLeast($volts, $this->low) && Tolerance::atMost($volts, $this->high);
    }

    public function words(): string
    {
        return $this->low === $this->high ? "{$this->low} V" : "{$this->low} to {$this->high} V";
    }
}
