<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

use NeatSpindle\Core\Ground\Measure\Tolerance;

/**
 * The room inside the tubes of a frame, in mm: the tube that carries the pack is the base, its front end at 0.
 * Worksheet contract, *battery*.
 */
final readonly class Triangle
{
    /**
     * @param  float  $front side that meets the base's front end
     * @param  float  $rear the other side
     */
    public function __construct(public float $base, public float $front, public float $rear) {}

    /** Whether the three tubes enclose anything. */
    public function isOne(): bool
    {
        return Tolerance::above($this->front + $this->rear, $this->base)
            && Tolerance::below(abs($this->front - $this->rear), $this->base);
    }

    /** How far along the base the apex stands, from the front. */
    public function apexAt(): float
    {
        return ($this->front ** 2 - $this->rear ** 2 + $this->base ** 2) / (2 * $this->base);
    }

    /** How high the apex stands over the base. */
    public function height(): float
    {
        return sqrt(max(0.0, $this->front ** 2 - $this->apexAt() ** 2));
    }

    /** @return array{float, float} from where to where along the base there is room for something this high */
    public function roomFor(float $height): array
    {
        $share = $height / $this->height();

        return [
            max(0.0, $this->apexAt() * $share),
            min($this->base, $this->base + ($this->apexAt() - $this->base) * $share),
        ];
    }

    /** How much room there is over a place of the base; a side that leans outward stands over nothing. */
    public function heightAt(float $at): float
    {
        [$apex, $height] = [$this->apexAt(), $this->height()];
        $underFront = $apex > 0.0 ? $at * $height / $apex : $height;
        $underRear = $apex < $this->base ? ($this->base - $at) * $height / ($this->base - $apex) : $height;

        return max(0.0, min($underFront, $underRear, $height));
    }
}
