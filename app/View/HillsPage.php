<?php

declare(strict_types=1);

namespace App\View;

use App\Assembly\RidingChoice;
use App\Bench\OpenJob;
use App\Models\Stage;
use App\Models\Track;
use App\View\Drawings\RoadView;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Catalogue\Motor;
use NeatSpindle\Core\Fit\RingChoice;
use NeatSpindle\Core\Fit\RingOption;
use NeatSpindle\Core\Hill\Climb;
use NeatSpindle\Core\Hill\GearOnHill;
use NeatSpindle\Core\Hill\Pull;
use NeatSpindle\Core\Margin\Verdict;
use NeatSpindle\Core\Ride\Ride;
use NeatSpindle\Core\Ride\Stretch;

use function count;

/** A hill and a road, ridden with this bike, this motor and this load. */
class HillsPage extends JobPage
{
    /** Laboured longer than this in one go, a motor gets hot. */
    private const HOT_AFTER_M = 600.0;

    /** Less than this share left of a battery is little. */
    private const LITTLE_LEFT = 0.2;

    private const DROPPED_SHOWN = 5;

    /** @var Collection<int, Track>|null */
    private ?Collection $tracks = null;

    private ?Ride $ride = null;

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

    /** Tight when little is left of the battery. */
    public function batteryVerdict(): Verdict
    {
        $ride = $this->ride();

        return match (true) {
            $ride === null, $ride->emptyAt() !== null => Verdict::Fails,
            $ride->leftWh() < self::LITTLE_LEFT * $this->riding()->batteryWh() => Verdict::Tight,
            default => Verdict::Clear,
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

    public function ride(): ?Ride
    {
        $worksheet = $this->opened->worksheet();
        $track = $this->track();

        return $worksheet === null || $track === null || $this->trouble() !== null ? null : $this->ride ??= Ride::of($track->profile(), $this->motor(), $worksheet->gears, $this->riding()->rider());
    }

    /** Why the road at hand cannot be ridden; null when it can. */
    public function trouble(): ?string
    {
        return $this->track()?->profile()->objection();
    }

    public function road(): ?RoadView
    {
        $ride = $this->ride();

        return $ride === null ? null : new RoadView($ride);
    }

    /**
     * The road kilometre by kilometre, or in longer legs: at most forty rows.
     *
     * @return list<array{to: string, slope: string, speed: string, gear: string, rpm: string, used: string, left: string, walked: bool}>
     */
    public function legs(): array
    {
        $ride = $this->ride();
        if ($ride === null || $ride->stretches === []) {
            return [];
        }
        $leg = max(1000.0, ceil($ride->profile->length / 40_000) * 1000);
        $legs = [];
        foreach ($ride->stretches as $stretch) {
            $legs[(int) ($stretch->from / $leg)][] = $stretch;
        }

        return array_values(array_map($this->leg(...), $legs));
    }

    /**
     * @param  non-empty-list<Stretch>  $stretches
     * @return array{to: string, slope: string, speed: string, gear: string, rpm: string, used: string, left: string, walked: bool}
     */
    private function leg(array $stretches): array
    {
        $last = $stretches[count($stretches) - 1];
        $length = array_sum(array_map(fn (Stretch $one) => $one->length, $stretches));
        $seconds = array_sum(array_map(fn (Stretch $one) => $one->length / $one->speed, $stretches));
        $ridden = array_values(array_filter($stretches, fn (Stretch $one) => $one->gear !== null));
        $cogs = array_count_values(array_map(fn (Stretch $one) => (string) $one->gear?->cog, $ridden));
        arsort($cogs);

        return [
            'to' => $this->km($last->from + $last->length),
            'slope' => number_format(array_sum(array_map(fn (Stretch $one) => $one->slope * $one->length, $stretches)) / $length * 100, 1).' %',
            'speed' => number_format($length / $seconds * 3.6, 1).' km/h',
            'gear' => (string) (array_key_first($cogs) ?? '–'),
            'rpm' => $ridden === [] ? '–' : number_format(array_sum(array_map(fn (Stretch $one) => $one->crankRpm, $ridden)) / count($ridden), 0),
            'used' => number_format($last->usedWh, 0).' Wh',
            'left' => number_format(max(0.0, $this->riding()->batteryWh() - $last->usedWh), 0).' Wh',
            'walked' => array_filter($stretches, fn (Stretch $one) => $one->isWalked) !== [],
        ];
    }

    public function getsHot(): bool
    {
        return ($this->ride()?->longestLabour() ?? 0.0) > self::HOT_AFTER_M;
    }

    public function km(float $metres): string
    {
        return number_format($metres / 1000, 1).' km';
    }

    public function hours(float $seconds): string
    {
        return sprintf('%d:%02d h', intdiv((int) round($seconds / 60), 60), (int) round($seconds / 60) % 60);
    }

    private function rings(): RingChoice
    {
        return $this->rings ??= $this->opened->ringChoice() ?? abort(404);
    }
}
