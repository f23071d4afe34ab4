<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\TwinPlate;

use NeatSpindle\Core\Donor\Shell\Shell;
use NeatSpindle\Core\Ground\Measure\Tolerance;
use NeatSpindle\Core\Holding\Mount\Begun;
use NeatSpindle\Core\Holding\Mount\Entry;
use NeatSpindle\Core\Holding\Mount\Held;
use NeatSpindle\Core\Holding\Mount\Mount;
use NeatSpindle\Core\Holding\Mount\Site;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Parts\Drawer\Picker;
use NeatSpindle\Core\Parts\Drawer\Place;

/** A motor hung beside the shell between two plates, driving by a first chain. In mm. */
final readonly class TwinPlate implements Held
{
    public function __construct(
        public float $plateThickness,
        public float $motorWidth,
        public float $minInsertion,
        public float $minBoltTurns,
    ) {}

    public function mount(): Mount
    {
        return new TwinPlateMount;
    }

    public function on(Site $site, Entry $entry): ?TwinPlateStack
    {
        return $site->bike->twinPlate === null ? null : new TwinPlateStack($site, $entry, $this, $site->bike->twinPlate);
    }

    /** Crank spacers are known as soon as the spindle stands in its bearings; ring and pinion are measured with the crank on. */
    public function begun(callable $measured, Picker $picker): ?Begun
    {
        $gap = $measured(Spot::CrankGap);
        $then = array_values(array_filter([Spot::RingToPlate, Spot::PinionToFace], fn (Spot $spot) => $measured($spot) === null));
        $atMost = $gap === null ? 0.0 : $gap->value - $this->minInsertion - $gap->plusMinus;

        return $gap === null || $then === [] ? null : new Begun(
            Place::Crank, $atMost, Tolerance::below($atMost, 0.0) ? null : $picker->pick(Place::Crank, TwinPlateStack::crankSpan($atMost)), $then,
        );
    }

    public function nut(): null
    {
        return null;
    }

    public function bodyGap(): null
    {
        return null;
    }

    public function insertFor(Shell $shell): null
    {
        return null;
    }
}
