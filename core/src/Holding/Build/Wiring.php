<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Fitting\Battery\PackTrial;
use NeatSpindle\Core\Fitting\Cockpit\Cockpit;
use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Fitting\Route\RunDetails;
use NeatSpindle\Core\Fitting\Route\RunRoute;
use NeatSpindle\Core\Fitting\Sensor\SensorPlan;

/** What is laid and joined. Runs go by their number, which stays the same when others come and go. */
final readonly class Wiring
{
    /**
     * @param  array<int, RunRoute>  $routes
     * @param  array<int, Run>  $unlaid runs whose way is not known
     * @param  array<int, Run>  $unused plugs with nothing on them
     * @param  array<int, RunDetails>  $details
     * @param  ?float  $volts what the motor runs on; null where nobody has said
     * @param  ?PackTrial  $battery the chosen battery where it shall sit; null while none is chosen
     * @param  ?Cockpit  $cockpit what goes on the bar; null where nobody has said
     * @param  ?SensorPlan  $sensors what tells the motor of brakes, gears and speed; null where nobody has said
     */
    public function __construct(
        public array $routes = [],
        public array $unlaid = [],
        public array $unused = [],
        public array $details = [],
        public ?float $volts = null,
        public ?PackTrial $battery = null,
        public ?Cockpit $cockpit = null,
        public ?SensorPlan $sensors = null,
    ) {}
}
