<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Job;

use NeatSpindle\Core\Choosing\Hill\HillQuestion;
use NeatSpindle\Core\Donor\Bike\Bike;
use NeatSpindle\Core\Fitting\Battery\PackQuestion;
use NeatSpindle\Core\Fitting\Route\Routing;
use NeatSpindle\Core\Ground\Turn\Turn;
use NeatSpindle\Core\Holding\Catalogue\Catalogue;
use NeatSpindle\Core\Holding\Reaction\Torquing;
use NeatSpindle\Core\Parts\Part\NutSocket;

/** A job as the worksheet sees it: what is measured, what is chosen, what is asked. */
final readonly class Job
{
    /** @param  list<Turn>  $turns */
    public function __construct(
        public Catalogue $catalogue,
        public Bike $bike,
        public Kit $kit,
        public array $turns = [],
        public ?Routing $routing = null,
        public ?Torquing $torquing = null,
        public ?HillQuestion $hill = null,
        public ?PackQuestion $pack = null,
        public ?NutSocket $nutSocket = null,
    ) {}
}
