<?php

declare(strict_types=1);

namespace App\View;

use App\Bench\JobSheet;
use App\Models\Reading;
use App\Models\Stage;
use App\View\Drawings\SurveyView;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Survey\Instrument;
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
        $this->spot = (is_string($asked) ? SurveyPlan::spot($asked) : null) ?? $this->firstOpen();
    }

    public function stage(): Stage
    {
        return Stage::Survey;
    }

    public function drawing(): SurveyView
    {
        return new SurveyView($this->sheet->frame());
    }

    /** @return array<string, Spot> */
    public function spots(): array
    {
        return SurveyPlan::spots();
    }

    public function isEssentialMissing(string $code): bool
    {
        return $this->spots()[$code]->isEssential && ! $this->sheet->findings->has($code);
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
        foreach (SurveyPlan::spots() as $spot) {
            if (! $this->sheet->findings->has($spot->code)) {
                return $spot;
            }
        }

        return SurveyPlan::spots()['shell_width'];
    }
}
