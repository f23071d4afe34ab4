<?php

declare(strict_types=1);

namespace App\View\Route;

use App\Bench\FittingOut;
use App\Bench\OpenJob;
use App\Bench\PackTrials;
use App\Models\Stage;
use App\Models\Values\BatteryWish;
use App\View\Drawings\PackOnFrameView;
use App\View\Drawings\TriangleView;
use App\View\Job\JobPage;
use NeatSpindle\Core\Fitting\Battery\Finding;
use NeatSpindle\Core\Fitting\Battery\InsertRow;
use NeatSpindle\Core\Fitting\Battery\Misfit;
use NeatSpindle\Core\Fitting\Battery\PackGaps;
use NeatSpindle\Core\Fitting\Battery\PackPapers;
use NeatSpindle\Core\Fitting\Battery\PackSite;
use NeatSpindle\Core\Fitting\Battery\PackTrial;
use NeatSpindle\Core\Fitting\Battery\SiteCheck;
use NeatSpindle\Core\Measuring\Frame\Point;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Sums\Margin\Verdict;

use function count;

/** Where a battery can really sit: every battery of the catalogue at every place this bike has, and the chosen one as it shall lie. */
class BatteryPage extends JobPage
{
    private readonly FittingOut $fitting;

    /** @var array<string, ?float> */
    private array $leads = [];

    public function __construct(OpenJob $opened)
    {
        parent::__construct($opened);
        $this->fitting = $opened->the(FittingOut::class);
    }

    public function stage(): Stage
    {
        return Stage::Route;
    }

    /** @return array<array-key, PackPapers> */
    public function packs(): array
    {
        return $this->opened->catalogue->parts->packs;
    }

    /** @return non-empty-list<PackSite> */
    public function sites(): array
    {
        return PackSite::on($this->job->bike->kind);
    }

    public function wish(): BatteryWish
    {
        return $this->fitting->batteryWish;
    }

    public function trial(): ?PackTrial
    {
        return $this->fitting->trial;
    }

    public function trialOf(PackPapers $pack, PackSite $site): PackTrial
    {
        return $this->opened->the(PackTrials::class)->trial($pack, $site);
    }

    public function isChosen(PackPapers $pack, PackSite $site): bool
    {
        return $this->wish()->pack === $pack->code && $this->wish()->site === $site;
    }

    /** @return list<Spot> what is still to be measured of the triangle */
    public function unmeasured(): array
    {
        $sides = [Spot::RoomBase, Spot::RoomFront, Spot::RoomRear];

        return array_values(array_filter($sides, fn (Spot $spot) => $this->opened->findings->measurement($spot) === null));
    }

    /** The chosen battery in the triangle; null where it sits elsewhere, or the triangle is not measured. */
    public function triangle(): ?TriangleView
    {
        $trial = $this->trial();
        $room = $this->fitting->room;

        return $room === null || $trial === null || ! $trial->setting->site->isMeasuredByTubes() || ! $room->triangle()->isOne() ? null : new TriangleView(
            $room->triangle(), $trial, $this->opened->shape(),
        );
    }

    public function onTheFrame(): PackOnFrameView
    {
        $trial = $this->trial();

        return new PackOnFrameView($this->opened->shape(), $this->opened->laying()->ways, $trial?->pack, $trial?->setting->site);
    }

    public function gaps(): ?PackGaps
    {
        $trial = $this->trial();
        $room = $this->fitting->room;

        return $trial?->at() === null || $room === null ? null : PackGaps::of($room->triangle(), $trial->pack->box(), $trial->at());
    }

    /** @return list<SiteCheck> */
    public function checks(): array
    {
        return $this->trial()?->setting->site->checks() ?? [];
    }

    /** What was seen of a check: `yes`, `no`, or nothing yet. */
    public function seen(SiteCheck $check): string
    {
        return match ($this->wish()->seen[$check->value] ?? null) {
            true => 'yes',
            false => 'no',
            null => '',
        };
    }

    /** @return list<Finding> all but what is looked at by hand, which has its own fields */
    public function findings(): array
    {
        return array_values(
            array_filter($this->trial()->findings ?? [], fn (Finding $finding) => SiteCheck::tryFrom($finding->code) === null),
        );
    }

    /** What a cell of the comparison says. */
    public function short(PackTrial $trial): string
    {
        $failing = $trial->failing();
        $left = $trial->lengthLeft();

        return match (true) {
            $failing !== [] => match ($failing[0]->code) {
                'voltage' => "{$trial->pack->volts} V, another than the motor’s",
                'room' => $this->lacks($trial),
                'out' => 'no way out',
                'load' => 'too heavy',
                'current' => 'too weak',
                default => lcfirst($failing[0]->label),
            },
            $trial->finding('room')?->verdict === null => 'not measured',
            $left === null => 'goes',
            default => "goes, {$this->unit->showCoarse($left)} left",
        };
    }

    private function lacks(PackTrial $trial): string
    {
        $left = $trial->lengthLeft();

        return match (true) {
            $trial->fit?->misfit === Misfit::TooTall => 'too tall',
            $left !== null && $left < 0 => $this->unit->showCoarse(-$left).' too long',
            default => 'too wide',
        };
    }

    /** The worst of what does not depend on what is tried by hand; null while that is not known. */
    public function standing(PackTrial $trial): ?Verdict
    {
        return $trial->failing() !== [] ? Verdict::Fails : $trial->finding('room')?->verdict;
    }

    /** How long a lead from a place to the motor has to be, in mm; null where there is no allowed way, or it is not measured. */
    public function lead(PackSite $site): ?float
    {
        return $this->leads[$site->value] ??= $this->opened->laying()->powerLead($this->place($site));
    }

    /** Where the weight lies, in words. */
    public function weight(PackSite $site): string
    {
        $at = $this->at($site);
        $shape = $this->opened->shape();
        $behind = ($shape->rearWheel()->axle->x + $shape->frontWheel()->axle->x) / 2 - $at->x;
        $way = $behind > 0 ? 'behind' : 'before';
        $along = abs($behind) < 50.0 ? 'in the middle' : "{$this->unit->showCoarse(abs($behind))} {$way} the middle";

        return $this->unit->showCoarse(abs($at->y)).($at->y >= 0 ? ' above' : ' below')." the crank, {$along}";
    }

    public function inserts(): ?InsertRow
    {
        $rail = $this->trial()?->pack->rail;

        return $rail === null ? null : InsertRow::along($rail);
    }

    /** How much of the chosen one nobody knows yet. */
    public function openCount(): int
    {
        return count($this->trial()?->open() ?? []);
    }

    private function at(PackSite $site): Point
    {
        return $this->opened->laying()->ways->place($this->place($site));
    }

    private function place(PackSite $site): string
    {
        return $site->placeAmong($this->opened->laying()->ways->places);
    }
}
