<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

use NeatSpindle\Core\Donor\Bike\Doubtful;
use NeatSpindle\Core\Parts\Drawer\Place;

/** One doubt of a bike as a recipe sees it: where along it the demands change, and the place it decides. */
final readonly class DoubtAxis
{
    /**
     * @param  Place  $decides what follows depends on this doubt only through the pieces in this place
     * @param  non-empty-list<float>  $points shifts from -1 to 1, rising
     */
    public function __construct(
        public Doubtful $doubtful,
        public Place $decides,
        public array $points,
    ) {}
}
