<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

/** A place in a side view from the drive side, in mm from the crank axis: x to the front, y up. */
final readonly class Point
{
    public function __construct(public float $x, public float $y) {}

    public function plus(float $x, float $y): self
    {
        return new self($this->x + $x, $this->y + $y);
    }

    /** The point a share of the way to another. */
    public function towards(self $other, float $share): self
    {
        return new self($this->x + ($other->x - $this->x) * $share, $this->y + ($other->y - $this->y) * $share);
    }

    /** The point at a distance and an angle in degrees, anticlockwise from the front. */
    public function at(float $degrees, float $distance): self
    {
        return $this->plus(cos(deg2rad($degrees)) * $distance, sin(deg2rad($degrees)) * $distance);
    }

    public function distanceTo(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }
}
