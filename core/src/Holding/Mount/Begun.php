<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\Spacers;

/** The part of a stack that is known while something further on cannot be measured yet. In mm. */
final readonly class Begun
{
    /**
     * @param  float  $atMost how much may go there; below 0 where nothing may
     * @param  ?Spacers  $spacers from the drawer; null where it has no set that goes
     * @param  list<Spot>  $then what is measured next, once this is on
     */
    public function __construct(public Place $place, public float $atMost, public ?Spacers $spacers, public array $then) {}
}
