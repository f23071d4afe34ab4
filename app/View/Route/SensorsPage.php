<?php

declare(strict_types=1);

namespace App\View\Route;

use App\Bench\FittingOut;
use App\Bench\JobHouse;
use App\Bench\OpenJob;
use App\Models\Decision;
use App\Models\Stage;
use App\Models\Values\About;
use App\Models\Values\AboutKind;
use App\View\Job\JobPage;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Cockpit\Make;
use NeatSpindle\Core\Fitting\Sensor\BrakeCut;
use NeatSpindle\Core\Fitting\Sensor\GearSensing;
use NeatSpindle\Core\Fitting\Sensor\SensorPlan;
use NeatSpindle\Core\Fitting\Sensor\SpeedSite;
use NeatSpindle\Core\Ground\House\Question;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Sums\Margin\Verdict;

/** What tells the motor of brakes, gears and speed on this bike. */
class SensorsPage extends JobPage
{
    private readonly FittingOut $fitting;

    private readonly SensorPlan $plan;

    public function __construct(OpenJob $opened)
    {
        parent::__construct($opened);
        $this->fitting = $opened->the(FittingOut::class);
        $this->plan = $this->fitting->sensors;
        $opened->job->decisions->loadMissing(['user', 'allowedBy']);
    }

    public function stage(): Stage
    {
        return Stage::Route;
    }

    public function plan(): SensorPlan
    {
        return $this->plan;
    }

    public function brakes(): BrakeCut
    {
        return $this->plan->brakes;
    }

    public function hasThrottle(): bool
    {
        return $this->fitting->hasThrottle;
    }

    public function about(BarSide $side): About
    {
        return About::brakeSensor($side);
    }

    /** What the house does about it. */
    public function houseSays(About $about): string
    {
        $question = $about->kind === AboutKind::GearSensor ? Question::GearSensor : Question::BrakeCut;

        return $this->opened->the(JobHouse::class)->rules->school($question)->label();
    }

    public function decision(About $about): ?Decision
    {
        return $this->opened->decisions->about($about);
    }

    public function gears(): ?GearSensing
    {
        return GearSensing::tryFrom($this->decision(About::gearSensor())->choice ?? '');
    }

    /** @return list<SpeedSite> where this bike has a place for the speed sensor */
    public function speedSites(): array
    {
        $places = $this->opened->laying()->ways->places;

        return array_values(array_filter(SpeedSite::cases(), fn (SpeedSite $site) => $site->placeAmong($places) !== null));
    }

    public function hasHubGear(): bool
    {
        return $this->opened->findings->ratios(Spot::HubRatios) !== null;
    }

    public function lever(BarSide $side): ?Make
    {
        return $this->fitting->cockpit->lever($side);
    }

    public function mayDecide(): bool
    {
        return $this->user()->can('decide', $this->job);
    }

    public function gap(): ?Measurement
    {
        return $this->plan->gap;
    }

    /** Null while the gap is not measured, or nobody knows what its maker allows. */
    public function gapVerdict(): ?Verdict
    {
        return match (true) {
            $this->plan->gap === null, $this->plan->speed === null => null,
            $this->plan->gapObjection() === null => Verdict::Clear,
            default => Verdict::Fails,
        };
    }

    public function gapSays(): string
    {
        return match (true) {
            $this->plan->gap === null => 'Gap not measured yet',
            $this->plan->speed === null => $this->unit->showMeasurement($this->plan->gap).', and the catalogue does not say what its maker allows',
            default => $this->plan->gapObjection() ?? $this->unit->showMeasurement($this->plan->gap).', within '.$this->plan->speed->band(),
        };
    }
}
