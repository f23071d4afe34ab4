<?php

declare(strict_types=1);

namespace App\View\Line;

use App\Assembly\RidingChoice;
use App\Bench\OpenJob;
use App\Bench\Rings;
use App\Bench\RoadRide;
use App\Instruments\Scale;
use App\Models\Stage;
use App\Models\Track;
use App\View\Drawings\RoadView;
use App\View\Job\JobPage;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Choosing\Fit\RingChoice;
use NeatSpindle\Core\Choosing\Fit\RingOption;
use NeatSpindle\Core\Choosing\Hill\Climb;
use NeatSpindle\Core\Choosing\Hill\GearOnHill;
use NeatSpindle\Core\Choosing\Hill\Pull;
use NeatSpindle\Core\Holding\Catalogue\Motor;
use NeatSpindle\Core\Sums\Margin\Verdict;

/** A hill and a road, ridden with this bike, this motor and this load. */
class HillsPage extends JobPage
{
    private const DROPPED_SHOWN = 5;

    /** @var Collection<int, Track>|null */
    private ?Collection $tracks = null;

    private ?RiddenRoad $ridden = null;

    private ?RingChoice $rings = null;

    public function __construct(OpenJob $opened, private readonly int $asked = 0)
    {
        parent::__construct($opened);
    }

    public function stage(): Stage
    {
        return Stage::Line;
    }

    public function riding(): RidingChoice
    {
        return RidingChoice::of($this->job->kit, $this->job->bike->kind);
    }

    public function isScalePlugged(): bool
    {
        return app(Scale::class)->isPlugged();
    }

    public function climb(): ?Climb
    {
        return $this->opened->worksheet()?->climb;
    }

    public function motor(): Motor
    {
        return $this->opened->worksheet()->job->kit->motor ?? abort(404);
    }

    public function best(): ?GearOnHill
    {
        return $this->climb()?->best($this->motor());
    }

    /** In percent; null when not even the level is pulled. */
    public function steepest(): ?float
    {
        $worksheet = $this->opened->worksheet();

        return $worksheet === null ? null : Climb::steepest($this->motor(), $worksheet->gears, $this->riding()->load());
    }

    /** The ring to fit for this hill, where the one that is fitted does not do; null when it does or none would. */
    public function ringForTheHill(): ?RingOption
    {
        $climb = $this->climb();

        return $climb === null || $climb->pulls() ? null : $this->rings()->forTheHill();
    }

    /** @return list<GearOnHill> in order, the lowest gear first */
    public function gears(): array
    {
        $gears = $this->climb()->gears ?? [];
        usort($gears, fn (GearOnHill $a, GearOnHill $b) => $a->gear->development <=> $b->gear->development);

        return $gears;
    }

    public function verdictOf(Pull $pull): Verdict
    {
        return match ($pull) {
            Pull::Pulls => Verdict::Clear,
            Pull::Labours, Pull::SpinsOut => Verdict::Tight,
            Pull::Stalls => Verdict::Fails,
        };
    }

    /** Up the hill. */
    public function speed(): string
    {
        return number_format(($this->climb()->speed ?? 0.0) * 3.6, 1).' km/h';
    }

    public function gear(GearOnHill $on): string
    {
        return $on->gear->label($this->opened->worksheet()?->gears->haveHub() === true);
    }

    /** @return list<array{string, string, ?float, string}> name, label, figure and unit of what is asked about the riding */
    public function ridingFields(): array
    {
        $riding = $this->riding();

        return [
            ['mass_kg', 'Bike, rider, load', $riding->massKg(), 'kg'],
            ['grade_percent', 'Hill', $riding->gradePercent(), '%'],
            ['rider_w', 'Rider gives', $riding->riderW(), 'W'],
            ['assist_percent', 'Motor asked for', $riding->assistPercent(), '%'],
            ['wind_kmh', 'Headwind', $riding->windKmh(), 'km/h'],
            ['battery_wh', 'Battery', $riding->batteryWh(), 'Wh'],
            ['cut_off_kmh', 'Motor stops at', $riding->cutOffKmh(), 'km/h'],
        ];
    }

    /** @return Collection<int, Track> */
    public function tracks(): Collection
    {
        return $this->tracks ??= Track::query()->where('job_id', $this->job->id)->whereNull('dropped_at')->latest('id')->get();
    }

    /** @return Collection<int, Track> those that were taken off, the last first; only what to call them */
    public function dropped(): Collection
    {
        return Track::query()->select(['id', 'name', 'dropped_at'])->where('job_id', $this->job->id)->whereNotNull('dropped_at')
            ->latest('dropped_at')->limit(self::DROPPED_SHOWN)->get();
    }

    public function track(): ?Track
    {
        return $this->tracks()->firstWhere('id', $this->asked) ?? $this->tracks()->first();
    }

    /** The road at hand as it is ridden; null where there is none, or it cannot be. */
    public function ridden(): ?RiddenRoad
    {
        return $this->ridden ??= $this->rideIt();
    }

    private function rideIt(): ?RiddenRoad
    {
        [$worksheet, $track] = [$this->opened->worksheet(), $this->track()];
        $ride = $worksheet === null || $track === null ? null : RoadRide::of($this->opened, $worksheet, $track);

        return $ride === null ? null : new RiddenRoad($ride, $track);
    }

    /** Why the road at hand cannot be ridden; null when it can. */
    public function trouble(): ?string
    {
        return $this->track()?->profile()->objection();
    }

    public function road(): ?RoadView
    {
        return $this->ridden()?->drawing();
    }

    private function rings(): RingChoice
    {
        return $this->rings ??= $this->opened->the(Rings::class)->choice ?? abort(404);
    }
}
