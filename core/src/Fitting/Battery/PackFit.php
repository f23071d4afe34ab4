<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

use NeatSpindle\Core\Ground\Measure\Tolerance;

/** Whether a pack goes into a frame's triangle, and where it starts. */
final readonly class PackFit
{
    /**
     * @param  ?Misfit  $misfit why it does not go; null when it does
     * @param  ?float  $room along the base, in mm; null where the tubes enclose nothing
     * @param  ?float  $start from the base's front end, in mm; null where there is no room at that height
     */
    private function __construct(public ?Misfit $misfit, public ?float $room = null, public ?float $start = null) {}

    /** From where to where a pack's front end may lie, in mm; null where it does not go. */
    public function range(Pack $pack): ?PackRange
    {
        return $this->misfit !== null || $this->start === null || $this->room === null ? null : new PackRange(
            $this->start, $this->start + $this->room - $pack->length,
        );
    }

    public static function of(Triangle $triangle, Pack $pack): self
    {
        if (! $triangle->isOne()) {
            return new self(Misfit::NotATriangle);
        }
        if (Tolerance::atLeast($pack->standing(), $triangle->height())) {
            return new self(Misfit::TooTall, 0.0);
        }
        [$from, $to] = $triangle->roomFor($pack->standing());
        $room = max(0.0, $to - $from - 2 * $pack->gap);

        return new self(Tolerance::atLeast($room, $pack->length) ? null : Misfit::TooLong, $room, $from + $pack->gap);
    }
}
