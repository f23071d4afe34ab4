<?php

declare(strict_types=1);

namespace App\View\Survey;

use App\Bench\GuideGaps;
use App\Bench\Lacking;
use App\Bench\NextPlace;
use App\Bench\OpenJob;
use App\Bench\StripProgress;
use App\Models\Reading;
use App\Models\Stage;
use App\View\Job\JobPage;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Donor\Bike\FrameMaterial;
use NeatSpindle\Core\Measuring\Survey\CloseUp;
use NeatSpindle\Core\Measuring\Survey\Need;
use NeatSpindle\Core\Measuring\Survey\Region;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\SpotRow;
use NeatSpindle\Core\Measuring\Survey\Subject;
use NeatSpindle\Core\Measuring\Survey\Walk;

use function count;
use function in_array;
use function is_string;

class SurveyPage extends JobPage
{
    private const TAKEN_BACK_SHOWN = 5;

    public readonly Spot $spot;

    /** @var Collection<int, Reading>|null */
    private ?Collection $takenBack = null;

    /** @var array<string, Spot>|null */
    private ?array $spots = null;

    private ?SurveyRegions $walked = null;

    private readonly Walk $walk;

    private readonly ?Region $region;

    /**
     * @param  mixed  $asked  the spot's code from the address; the next one that is needed when it is none
     * @param  mixed  $askedRegion  the region's code from the address; the spot's when it is none
     */
    public function __construct(OpenJob $opened, mixed $asked = null, mixed $askedRegion = null)
    {
        parent::__construct($opened);
        $this->walk = $opened->walk();
        $spot = is_string($asked) ? $this->spots()[$asked] ?? null : null;
        $region = is_string($askedRegion) ? Region::tryFrom($askedRegion) : null;
        $this->region = $spot === null ? (in_array($region, $this->walk->regions(), true) ? $region : null) : Region::of($spot);
        $this->spot = $spot ?? $this->firstIn($this->region) ?? $this->walk->next() ?? $this->firstOpen();
    }

    /** The walk from region to region. */
    public function walked(): SurveyRegions
    {
        return $this->walked ??= new SurveyRegions($this->opened, $this->numberOf(...));
    }

    public function stage(): Stage
    {
        return Stage::Survey;
    }

    /** The region that is looked at from near; null while the whole bike is. */
    public function region(): ?Region
    {
        return $this->region;
    }

    /** @return array<string, Spot> those that make sense for this kind of bike, in walking order */
    public function spots(): array
    {
        return $this->spots ??= array_combine(array_column($this->opened->walk()->spots, 'value'), $this->opened->walk()->spots);
    }

    /** Whether it is needed now, and nobody has given it. */
    public function isNeeded(Spot $spot): bool
    {
        return $this->walk->isOpen($spot);
    }

    public function need(Spot $spot): ?Need
    {
        return $this->walk->need($spot);
    }

    /** When it can be measured, where that is not now; null when it is. */
    public function waits(): ?string
    {
        return $this->walk->isReachable($this->spot) ? null : $this->spot->sitting()->label();
    }

    /** What stands at a spot, in the person's unit; null when nothing does. */
    public function answerAt(Spot $spot): ?string
    {
        $measurement = $this->opened->findings->measurement($spot);

        return match (true) {
            $measurement !== null && $spot === Spot::ThreadPitch => $this->unit->showPitch($measurement->value),
            $measurement !== null => $this->unit->showMeasurement($measurement),
            default => $spot->choices()[(string) $this->opened->findings->answer($spot)] ?? $this->opened->findings->answer($spot),
        };
    }

    /** What was kept just now; null when nothing was. */
    public function kept(): ?Spot
    {
        $kept = session('kept');

        return is_string($kept) ? $this->spots()[$kept] ?? null : null;
    }

    public function closeUp(): ?CloseUp
    {
        return $this->spot->closeUp();
    }

    public function numberOf(string $code): int
    {
        return (int) array_search($code, array_keys($this->spots()), true) + 1;
    }

    /** The next spot that is needed; null when nothing is left to give in this sitting. */
    public function nextNeeded(): ?Spot
    {
        $next = $this->walk->next($this->spot);

        return $next === $this->spot ? null : $next;
    }

    public function nextSpot(): Spot
    {
        $codes = array_keys($this->spots());

        return $this->spots()[$codes[$this->numberOf($this->spot->value) % count($codes)]];
    }

    /** Whether all that is needed in this sitting is given. */
    public function isComplete(): bool
    {
        return $this->walk->next() === null;
    }

    /** Whether the frame is carbon and nobody has said what its maker allows. */
    public function isCarbonUntold(): bool
    {
        return $this->job->bike->frame_material === FrameMaterial::Carbon && in_array(Subject::Carbon, Lacking::unseen($this->job), true);
    }

    /** Whether all is given and the job has not gone on yet: then this place leads on by itself. */
    public function leadsOn(): bool
    {
        return $this->isComplete() && $this->job->stage->digit() <= Stage::Stack->digit();
    }

    public function nextPlace(): NextPlace
    {
        return NextPlace::of($this->opened);
    }

    /** @return list<Reading> */
    public function readings(): array
    {
        return $this->opened->findings->readings($this->spot);
    }

    /** @return Collection<int, Reading> those of this spot that somebody took back, the last first */
    public function takenBack(): Collection
    {
        return $this->takenBack ??= Reading::query()->takenBack($this->job)->where('spot', $this->spot)->with('withdrawnBy')->latest('id')->limit(self::TAKEN_BACK_SHOWN)->get();
    }

    /** Spots whose figures can be typed in a row from here on; null where some of them are known, or cannot be reached. */
    public function row(): ?SpotRow
    {
        $row = SpotRow::from($this->spot);
        $there = array_filter(
            $row->spots ?? [], fn (Spot $one) => isset($this->spots()[$one->value]) && $this->walk->isReachable($one) && ! $this->walk->isKnown($one),
        );

        return $row !== null && count($there) === $row->count() ? $row : null;
    }

    /** Whether nothing is known of the shell's width yet, and all is still on. */
    public function isBeforeAnything(): bool
    {
        return $this->opened->findings->shellWidth() === null && ! StripProgress::isDone($this->opened) && isset($this->spots()[Spot::CupsWidth->value]);
    }

    /** The guide as measured, against the gap of each motor. */
    public function guideGaps(): GuideGaps
    {
        return $this->opened->the(GuideGaps::class);
    }

    private function firstIn(?Region $region): ?Spot
    {
        $spots = $region === null ? [] : $this->walk->in($region);
        $open = array_filter($spots, $this->walk->isOpen(...));
        $reached = array_filter($spots, fn (Spot $spot) => $this->walk->isReachable($spot) && ! $this->walk->isKnown($spot));

        return reset($open) ?: reset($reached) ?: $spots[0] ?? null;
    }

    private function firstOpen(): Spot
    {
        foreach ($this->spots() as $spot) {
            if (! $this->opened->findings->has($spot)) {
                return $spot;
            }
        }

        return Spot::ShellWidth;
    }
}
