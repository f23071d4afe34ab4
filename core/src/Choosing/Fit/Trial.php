<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Fit;

use NeatSpindle\Core\Choosing\Hill\HillQuestion;
use NeatSpindle\Core\Donor\Bike\Bike;
use NeatSpindle\Core\Donor\Shell\Identification;
use NeatSpindle\Core\Holding\Catalogue\Motor;
use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Part\Insert;

/** One motor on one bike with what the drawer has, to try rings on. */
final readonly class Trial
{
    /** @param  ?HillQuestion  $hill what a ring should climb; null when that is not asked */
    public function __construct(
        public Bike $bike,
        public Identification $shell,
        public Motor $motor,
        public ?Insert $insert,
        public Drawer $drawer,
        public ?HillQuestion $hill,
    ) {}
}
