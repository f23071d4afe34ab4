<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

use NeatSpindle\Core\Ground\Measure\Measurement;

/** The triangle inside the tubes as it was measured. */
final readonly class Room
{
    public function __construct(public Measurement $base, public Measurement $front, public Measurement $rear) {}

    public function triangle(): Triangle
    {
        return new Triangle($this->base->value, $this->front->value, $this->rear->value);
    }

    /** Whether a pack goes in wherever its three sides lie within their doubt, at the ends of it. */
    public function surelyTakes(Pack $pack): bool
    {
        foreach ([$this->base->lowest(), $this->base->highest()] as $base) {
            foreach ([$this->front->lowest(), $this->front->highest()] as $front) {
                foreach ([$this->rear->lowest(), $this->rear->highest()] as $rear) {
                    if (PackFit::of(new Triangle($base, $front, $rear), $pack)->misfit !== null) {
                        return false;
                    }
                }
            }
        }

        return true;
    }
}
