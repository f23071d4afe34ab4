<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

use NeatSpindle\Core\Ground\Measure\Tolerance;

/** A figure that is read at a check, in its unit, and from where to where it is as expected. */
final readonly class Figure
{
    public function __construct(public string $unit, public float $least, public float $most) {}

    public function holds(float $value): bool
    {
        return Tolerance::atLeast($value, $this->least) && Tolerance::atMost($value, $this->most);
    }

    public function band(): string
    {
        $shown = fn (float $value): string => rtrim(rtrim(sprintf('%.1f', $value), '0'), '.');

        return "{$shown($this->least)} to {$shown($this->most)} {$this->unit}";
    }
}
