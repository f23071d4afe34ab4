<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Fitting\Battery\PackTrial;
use NeatSpindle\Core\Fitting\Cockpit\Cockpit;
use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Fitting\Route\RunDetails;
use NeatSpindle\Core\Fitting\Route\RunRoute;
use NeatSpindle\Core\Fitting\Sensor\SensorPlan;
use NeatSpindle\Core\Ground\House\HouseRules;
use NeatSpindle\Core\Measuring\Strip\Fitted;
use NeatSpindle\Core\Measuring\Survey\GuideRemedy;
use NeatSpindle\Core\Parts\Fastening\Bands;
use NeatSpindle\Core\Parts\Fastening\CrankSeat;
use NeatSpindle\Core\Parts\Part\RingFitting;

/** What a build depends on beside the sums: what came off, what is in the way, how the ring goes on, what was answered. */
final readonly class Circumstances
{
    public HouseRules $house;

    /**
     * @param  array<int, RunRoute>  $routes by the run's number, which stays the same when others come and go
     * @param  list<Cure>  $cures what is done about what stands around the shell
     * @param  ?RestPlan  $rest null while nobody has chosen what the body rests on
     * @param  Bands  $bands what is known of fasteners beyond the sums
     * @param  Compound  $crankCompound what the crank's maker wants on its seat
     * @param  array<string, string>  $answers of the survey, by the spot's code
     * @param  array<int, Run>  $unlaid runs whose way is not known, by their numbers
     * @param  ?float  $volts what the motor runs on; null where nobody has said
     * @param  array<int, RunDetails>  $details of runs, by their numbers
     * @param  array<int, Run>  $unused plugs with nothing on them, by their numbers
     * @param  ?PackTrial  $battery the chosen battery where it shall sit; null while none is chosen
     * @param  ?Cockpit  $cockpit what goes on the bar; null where nobody has said
     * @param  ?SensorPlan  $sensors what tells the motor of brakes, gears and speed; null where nobody has said
     * @param  HouseRules  $house how this workshop goes about what others do differently
     */
    public function __construct(
        public array $routes = [],
        public GuideRemedy $guide = GuideRemedy::Stays,
        public array $cures = [],
        public ?RestPlan $rest = null,
        public Fitted $fitted = new Fitted,
        public RingFitting $ringFitting = new RingFitting,
        public ?Bands $bands = null,
        public CrankSeat $crankSeat = CrankSeat::Taper,
        public Compound $crankCompound = Compound::Grease,
        public array $answers = [],
        public array $unlaid = [],
        public ?float $volts = null,
        public array $details = [],
        public array $unused = [],
        public ?PackTrial $battery = null,
        public ?Cockpit $cockpit = null,
        public ?SensorPlan $sensors = null,
        ?HouseRules $house = null,
    ) {
        $this->house = $house ?? HouseRules::default();
    }

    /** The same in a house with other rules. */
    public function inHouse(HouseRules $house): self
    {
        /** @var array{routes: array<int, RunRoute>} $all */
        $all = [...get_object_vars($this), 'house' => $house];

        return new self(...$all);
    }
}
