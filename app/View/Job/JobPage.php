<?php

declare(strict_types=1);

namespace App\View\Job;

use App\Bench\Checks;
use App\Bench\Kept;
use App\Bench\NextPlace;
use App\Bench\OpenJob;
use App\Instruments\Caliper;
use App\Instruments\Wrench;
use App\Models\Job;
use App\Models\Picture;
use App\Models\PictureOf;
use App\Models\Stage;
use App\Models\User;
use App\Models\WaitsFor;
use App\View\Drawings\Detail;
use App\View\Drawings\SectionView;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\HtmlString;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Ground\Measure\TorqueUnit;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Sums\Section\AxisSection;

use function in_array;

/** What every place of a job shows around its own work. */
abstract class JobPage
{
    private ?AxisSection $section = null;

    /** @var array<string, SectionView> */
    private array $views = [];

    private ?bool $mayChoose = null;

    public readonly Job $job;

    public readonly LengthUnit $unit;

    public readonly TorqueUnit $torqueUnit;

    public function __construct(public readonly OpenJob $opened)
    {
        $this->job = $opened->job;
        $this->unit = $this->user()->length_unit;
        $this->torqueUnit = $this->user()->torque_unit;
    }

    abstract public function stage(): Stage;

    public function user(): User
    {
        return Auth::user() ?? abort(401);
    }

    public function title(): string
    {
        return "{$this->stage()->label()} · {$this->job->number} {$this->job->bike->label}";
    }

    /** The stack's verdict, once a motor and a ring are chosen. */
    public function verdict(): ?Verdict
    {
        return $this->opened->worksheet()?->stack?->verdict;
    }

    /** The whole job's verdict, for the head of every place; null while nothing is chosen. */
    public function head(): ?JobHead
    {
        $outlook = $this->opened->the(Checks::class)->outlook;

        return $outlook === null ? null : new JobHead($outlook, $this->job);
    }

    /** That verdict and the small section, as they stand in the head of every place; kept, since most places need neither for themselves. */
    public function headShown(): HtmlString
    {
        $drawn = fn (): string => view('job.head', ['page' => $this])->render();

        return new HtmlString(Kept::of($this->opened, "head {$this->unit->value} ".url('/'), $drawn));
    }

    /** What comes next in this job, whatever place one looks at. */
    public function onward(): ?Onward
    {
        return Onward::of($this->job);
    }

    /** @return array{string, string} the address where it goes on from a place that is done, and what is done there */
    protected function goesOn(): array
    {
        $onward = $this->opened->isKitChosen() ? $this->onward() : null;
        $place = NextPlace::of($this->opened);

        return $onward === null ? [route($place->route, $this->job), "Next: {$place->do}"] : [$onward->address, "Next: {$onward->words}"];
    }

    /** How far a place is, as the line of places shows it. */
    public function standsAt(Stage $place): string
    {
        return match (true) {
            $place->digit() < $this->job->stage->digit() || $this->job->handed_over_at !== null => 'done',
            $place !== $this->job->stage => 'open',
            in_array($this->job->waits_for, [WaitsFor::Decision, WaitsFor::Parts, WaitsFor::OtherHands], true) => 'held',
            default => 'next',
        };
    }

    public function section(): ?SectionView
    {
        return $this->sectionAt($this->detail());
    }

    /** The whole section, small, for the head of every place. */
    public function headSection(): ?SectionView
    {
        return $this->sectionAt(Detail::Whole);
    }

    private function sectionAt(Detail $detail): ?SectionView
    {
        $section = $this->section ??= $this->opened->worksheet()?->section();

        return $section === null ? null : $this->views[$detail->value] ??= new SectionView(
            $section, $this->unit, $detail, $this->isReversed(),
        );
    }

    /** How near the section is looked at. */
    protected function detail(): Detail
    {
        return Detail::Whole;
    }

    /** @return list<string> labels of what is still to be measured before anything can be computed */
    public function missing(): array
    {
        return array_values(array_unique(array_map(fn (Spot $spot) => $spot->label(), $this->opened->missing())));
    }

    /** Whether the motor goes in the other way round. */
    public function isReversed(): bool
    {
        return $this->job->kit?->isReversed() === true;
    }

    /** Whether a length can be taken from the caliper on the bench. */
    public function isCaliperPlugged(): bool
    {
        return app(Caliper::class)->isPlugged();
    }

    /** Whether a torque can be taken from the wrench on the bench. */
    public function isWrenchPlugged(): bool
    {
        return app(Wrench::class)->isPlugged();
    }

    /** @return Collection<int, Picture> of one thing of the job */
    public function picturesOf(PictureOf $of, string $code): Collection
    {
        return $this->job->pictures()->where('of', $of)->where('code', $code)->get()->toBase();
    }

    public function mayChoose(): bool
    {
        return $this->mayChoose ??= $this->user()->can('choose', $this->job);
    }
}
