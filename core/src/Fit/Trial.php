<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fit;

use NeatSpindle\Core\Bike\Bike;
use NeatSpindle\Core\Catalogue\Motor;
use NeatSpindle\Core\Drawer\Drawer;
use NeatSpindle\Core\Hill\HillQuestion;
use NeatSpindle\Core\Part\Insert;
use NeatSpindle\Core\Shell\Identification;

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
