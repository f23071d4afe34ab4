<?php

declare(strict_types=1);

namespace App\View;

use App\Bench\OpenJob;
use App\Instruments\Caliper;
use App\Models\Reading;
use App\Models\Stage;
use App\View\Drawings\SurveyView;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Margin\Margin;
use NeatSpindle\Core\Survey\CloseUp;
use NeatSpindle\Core\Survey\Instrument;
use NeatSpindle\Core\Survey\Sitting;
use NeatSpindle\Core\Survey\Spot;
use NeatSpindle\Core\Survey\SurveyPlan;

use function count;
use function is_string;

class SurveyPage extends JobPage
{
    private const TAKEN_BACK_SHOWN = 5;

    public readonly Spot $spot;

    /** @var Collection<int, Reading>|null */
    private ?Collection $takenBack = null;

    /** @var array<string, Spot>|null */
    private ?array $spots = null;

    /** @param  mixed  $asked  the spot's code from the address; the first one without an answer when it is none */
    public function __construct(OpenJob $opened, mixed $asked)
    {
        parent::__construct($opened);
        $this->spot = (is_string($asked) ? $this->spots()[$asked] ?? null : null) ?? $this->firstOpen();
    }

    public function stage(): Stage
    {
        return Stage::Survey;
    }

    public function drawing(): SurveyView
    {
        return new SurveyView($this->opened->shape(), array_values($this->spots()));
    }

    /** @return array<string, Spot> those that make sense for this kind of bike, in walking order */
    public function spots(): array
    {
        if ($this->spots === null) {
            $spots = SurveyPlan::for($this->job->bike->kind, $this->opened->mount()?->spots() ?? []);
            $this->spots = array_combine(array_column($spots, 'value'), $spots);
        }

        return $this->spots;
    }

    /** @return list<Spot> the spots of one sitting */
    public function sitting(Sitting $sitting): array
    {
        return array_values(array_filter($this->spots(), fn (Spot $spot) => $spot->sitting() === $sitting));
    }

    public function isEssentialMissing(string $code): bool
    {
        $spot = $this->spots()[$code];

        return $spot->isEssential() && ! $this->opened->findings->isKnown($spot);
    }

    /** What stands at a spot, in the person's unit; null when nothing does. */
    public function answerAt(Spot $spot): ?string
    {
        $measurement = $this->opened->findings->measurement($spot);

        return match (true) {
            $measurement !== null => $this->unit->showMeasurement($measurement),
            default => $spot->choices()[(string) $this->opened->findings->answer($spot)] ?? $this->opened->findings->answer($spot),
        };
    }

    public function closeUp(): ?CloseUp
    {
        return $this->spot->closeUp();
    }

    public function numberOf(string $code): int
    {
        return (int) array_search($code, array_keys($this->spots()), true) + 1;
    }

    public function nextSpot(): Spot
    {
        $codes = array_keys($this->spots());

        return $this->spots()[$codes[$this->numberOf($this->spot->value) % count($codes)]];
    }

    /** @return Collection<int, Reading> */
    public function readings(): Collection
    {
        return $this->opened->findings->readings($this->spot);
    }

    /** @return Collection<int, Reading> those of this spot that somebody took back, the last first */
    public function takenBack(): Collection
    {
        return $this->takenBack ??= Reading::query()->takenBack($this->job)->where('spot', $this->spot)->with('withdrawnBy')->latest('id')->limit(self::TAKEN_BACK_SHOWN)->get();
    }

    /** @return list<array{name: string, gap: float, margin: ?Margin}> the guide as measured against each motor's gap */
    public function guideGaps(): array
    {
        $guide = $this->opened->findings->measurement(Spot::GuideDepth);
        $gaps = [];
        foreach ($this->opened->catalogue->parts->motors as $motor) {
            $gap = $motor->part->held->bodyGap();
            if ($gap !== null) {
                $gaps[] = ['name' => $motor->name, 'gap' => $gap, 'margin' => $guide === null ? null : Margin::guideClearance($gap, $guide)];
            }
        }

        return $gaps;
    }

    public function isCaliperPlugged(): bool
    {
        return app(Caliper::class)->isPlugged();
    }

    /** @return list<Instrument> */
    public function instruments(): array
    {
        return Instrument::cases();
    }

    private function firstOpen(): Spot
    {
        foreach ($this->opened->missing() as $spot) {
            return $spot;
        }
        foreach ($this->spots() as $spot) {
            if (! $this->opened->findings->has($spot)) {
                return $spot;
            }
        }

        return Spot::ShellWidth;
    }
}
