<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Logbook;

use NeatSpindle\Core\Donor\Bike\BikeKind;

/** What of a frame tells it from others, as it was measured, in mm; what was not measured is absent. */
final readonly class FramePrint
{
    /** @param  array<string, float>  $measures by the spot's code; only those that `Likeness` weighs count */
    public function __construct(public BikeKind $kind, public array $measures) {}
}
