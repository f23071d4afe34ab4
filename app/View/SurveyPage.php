<?php

declare(strict_types=1);

namespace App\View;

use App\Bench\JobSheet;
use App\Instruments\Caliper;
use App\Models\Reading;
use App\Models\Stage;
use App\View\Drawings\SurveyView;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Stack\Margin;
use NeatSpindle\Core\Survey\CloseUp;
use NeatSpindle\Core\Survey\Instrument;
use NeatSpindle\Core\Survey\Sitting;
use NeatSpindle\Core\Survey\Spot;
use NeatSpindle\Core\Survey\SurveyPlan;

use function count;
use function is_string;

class SurveyPage extends JobPage
{
    public readonly Spot $spot;

    /** @param  mixed  $asked  the spot's code from the address; the first one without an answer when it is none */
    public function __construct(JobSheet $sheet, mixed $asked)
    {
        parent::__construct($sheet);
        $this->spot = (is_string($asked) ? $this->spots()[$asked] ?? null : null) ?? $this->firstOpen();
    }

    public function stage(): Stage
    {
        return Stage::Survey;
    }

    public function drawing(): SurveyView
    {
        return new SurveyView($this->sheet->shape(), array_keys($this->spots()));
    }

    /** @return array<string, Spot> those that make sense for this kind of bike, in walking order */
    public function spots(): array
    {
        return SurveyPlan::for($this->job->bike->kind, $this->sheet->mount());
    }

    /** @return list<Spot> the spots of one sitting */
    public function sitting(Sitting $sitting): array
    {
        return array_values(array_filter($this->spots(), fn (Spot $spot) => $spot->sitting === $sitting));
    }

    public function isEssentialMissing(string $code): bool
    {
        $isKnownOtherwise = match ($code) {
            'shell_width' => $this->sheet->findings->isWidthEarly(),
            'cog_pitch' => $this->sheet->findings->isOneCog(),
            default => false,
        };

        return $this->spots()[$code]->isEssential && ! $isKnownOtherwise && ! $this->sheet->findings->has($code);
    }

    /** What stands at a spot, in the person's unit; null when nothing does. */
    public function answerAt(Spot $spot): ?string
    {
        $measurement = $this->sheet->findings->measurement($spot->code);

        return match (true) {
            $measurement !== null => $this->unit->showMeasurement($measurement),
            default => $spot->choices[(string) $this->sheet->findings->answer($spot->code)] ?? $this->sheet->findings->answer($spot->code),
        };
    }

    public function closeUp(): ?CloseUp
    {
        return CloseUp::of($this->spot);
    }

    public function numberOf(string $code): int
    {
        return (int) array_search($code, array_keys($this->spots()), true) + 1;
    }

    public function nextSpot(): Spot
    {
        $codes = array_keys($this->spots());

        return $this->spots()[$codes[$this->numberOf($this->spot->code) % count($codes)]];
    }

    /** @return Collection<int, Reading> */
    public function readings(): Collection
    {
        return $this->sheet->findings->readings($this->spot->code);
    }

    /** @return list<array{name: string, gap: float, margin: ?Margin}> the guide as measured against each motor's gap */
    public function guideGaps(): array
    {
        $guide = $this->sheet->findings->measurement('guide_depth');
        $gaps = [];
        foreach ($this->sheet->catalogue->motors as $motor) {
            /** @var array{body_gap_mm?: float|int} $figures */
            $figures = $motor->figures[$motor->mount->value] ?? [];
            if (isset($figures['body_gap_mm'])) {
                $gap = (float) $figures['body_gap_mm'];
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
        foreach ($this->sheet->missing as $spot) {
            return $spot;
        }
        foreach ($this->spots() as $spot) {
            if (! $this->sheet->findings->has($spot->code)) {
                return $spot;
            }
        }

        return $this->spots()['shell_width'];
    }
}
