<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

/** A battery's box with the air it wants all round, in mm. */
final readonly class Pack
{
    public const USUAL_GAP = 10.0;

    public function __construct(public float $length, public float $height, public float $gap = self::USUAL_GAP) {}

    /** With a gap below and above. */
    public function standing(): float
    {
        return $this->height + 2 * $this->gap;
    }
}
