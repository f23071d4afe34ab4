<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Reaction;

/** The face of a shell that a nut or a plate presses on: a ring, by its two diameters in mm. */
final readonly class FaceSize
{
    /** As on most shells of steel or light metal, in mm. */
    public const USUAL_OUTER = 40.0;

    public const USUAL_INNER = 34.0;

    public function __construct(public float $outer, public float $inner) {}

    /** As measured; what was not is usual. */
    public static function of(?float $outer = null, ?float $inner = null): self
    {
        return new self($outer ?? self::USUAL_OUTER, $inner ?? self::USUAL_INNER);
    }

    public function isRing(): bool
    {
        return $this->outer > $this->inner;
    }

    /** In metres. */
    public function meanRadius(): float
    {
        return ($this->outer + $this->inner) / 4 / 1000;
    }
}
