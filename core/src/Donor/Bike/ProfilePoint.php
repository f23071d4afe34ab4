<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Donor\Bike;

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Ground\Measure\Tolerance;

/** How far the chainstay's outer side stands outboard of the shell's drive face, at a radius from the axis. In mm. */
final readonly class ProfilePoint
{
    public function __construct(public float $radius, public Measurement $outboard) {}

    /**
     * The point that comes nearest to what passes it; the first of equals.
     *
     * @param  list<self>  $points
     */
    public static function foremost(array $points): ?self
    {
        $foremost = null;
        foreach ($points as $point) {
            if ($foremost === null || Tolerance::above($point->outboard->highest(), $foremost->outboard->highest())) {
                $foremost = $point;
            }
        }

        return $foremost;
    }
}
