<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Job;

use NeatSpindle\Core\Battery\PackQuestion;
use NeatSpindle\Core\Bike\Bike;
use NeatSpindle\Core\Catalogue\Catalogue;
use NeatSpindle\Core\Hill\HillQuestion;
use NeatSpindle\Core\Part\NutSocket;
use NeatSpindle\Core\Reaction\Torquing;
use NeatSpindle\Core\Route\Routing;
use NeatSpindle\Core\Turn\Turn;

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
