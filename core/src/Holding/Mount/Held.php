<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

use NeatSpindle\Core\Donor\Shell\Shell;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Parts\Drawer\Picker;
use NeatSpindle\Core\Parts\Part\Nut;
use NeatSpindle\Core\Sums\Adapter\InsertToMeasure;

/** The figures by which one motor is held, in the terms of its mount. */
interface Held
{
    public function mount(): Mount;

    /** How its stack is built up on a bike; null while that bike lacks what is measured for this mount alone. */
    public function on(Site $site, Entry $entry): ?Recipe;

    /**
     * What of its stack is known before all its measures can be taken; null where all of it is measured at once, or nothing is yet.
     *
     * @param  callable(Spot): ?Measurement  $measured
     */
    public function begun(callable $measured, Picker $picker): ?Begun;

    /** The nut that clamps it to the shell; null for a mount without one. */
    public function nut(): ?Nut;

    /** The room between shell and body for what runs under the shell, in mm; null where the body is not there. */
    public function bodyGap(): ?float;

    /** The insert that could be made so that a shell takes it; null where that is no question of this mount, or the shell is not measured. */
    public function insertFor(Shell $shell): ?InsertToMeasure;
}
