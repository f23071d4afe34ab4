<?php

declare(strict_types=1);

namespace App\View;

use App\Bench\JobSheet;
use App\Bench\RidingChoice;
use App\Models\Stage;
use App\Models\Track;
use App\View\Drawings\RoadView;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Catalogue\Motor;
use NeatSpindle\Core\Hill\Climb;
use NeatSpindle\Core\Hill\GearOnHill;
use NeatSpindle\Core\Hill\Pull;
use NeatSpindle\Core\Line\RingChoice;
use NeatSpindle\Core\Line\RingOption;
use NeatSpindle\Core\Ride\Ride;

/** A hill and a road, ridden with this bike, this motor and this load. */
class HillsPage extends JobPage
{
    /** Laboured longer than this in one go, a motor gets hot. */
    private const HOT_AFTER_M = 600.0;

    /** @var Collection<int, Track>|null */
    private ?Collection $tracks = null;

    private ?Ride $ride = null;

    private ?RingChoice $rings = null;

    public function __construct(JobSheet $sheet, private readonly int $asked = 0)
    {
        parent::__construct($sheet);
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
        return $this->sheet->chosenWorksheet()?->climb;
    }

    public function motor(): Motor
    {
        return $this->sheet->chosenWorksheet()->job->kit->motor ?? abort(404);
    }

    public function best(): ?GearOnHill
    {
        return $this->climb()?->best($this->motor());
    }

    /** In percent; null when not even the level is pulled. */
    public function steepest(): ?float
    {
        $worksheet = $this->sheet->chosenWorksheet();

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

    public function verdictOf(Pull $pull): string
    {
        return match ($pull) {
            Pull::Pulls => 'clear',
            Pull::Labours, Pull::SpinsOut => 'tight',
            Pull::Stalls => 'fails',
        };
    }

    /** @return Collection<int, Track> */
    public function tracks(): Collection
    {
        return $this->tracks ??= Track::query()->where('job_id', $this->job->id)->latest('id')->get();
    }

    public function track(): ?Track
    {
        return $this->tracks()->firstWhere('id', $this->asked) ?? $this->tracks()->first();
    }

    public function ride(): ?Ride
    {
        $worksheet = $this->sheet->chosenWorksheet();
        $track = $this->track();

        return $worksheet === null || $track === null ? null : $this->ride ??= Ride::of($track->profile(), $this->motor(), $worksheet->gears, $this->riding()->rider());
    }

    public function road(): ?RoadView
    {
        $ride = $this->ride();

        return $ride === null ? null : new RoadView($ride);
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
        return $this->rings ??= RingChoice::of($this->sheet->chosenWorksheet() ?? abort(404));
    }
}
