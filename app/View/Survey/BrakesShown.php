<?php

declare(strict_types=1);

namespace App\View\Survey;

use App\Bench\Braked;
use NeatSpindle\Core\Choosing\Brake\BrakeEstimate;
use NeatSpindle\Core\Choosing\Brake\Weather;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Sums\Margin\Verdict;

/** The estimate of a bike's brakes in words and figures. */
final readonly class BrakesShown
{
    public function __construct(private Braked $braked) {}

    public function estimate(): ?BrakeEstimate
    {
        return $this->braked->estimate;
    }

    /** @return list<Spot> what has to be told first */
    public function missing(): array
    {
        return $this->braked->missing;
    }

    /** @return list<array{string, string, string, ?Verdict}> what, before, with the motor, and how that is; null where it only is told */
    public function rows(BrakeEstimate $estimate): array
    {
        $metres = fn (?float $distance): string => $distance === null ? 'does not stop' : sprintf('%.0f m', $distance);
        $kelvin = fn (?float $warmer): string => sprintf('%.0f K', $warmer ?? 0.0);
        [$cool, $hot] = $estimate->warmer();
        $speeds = sprintf(' (%.0f, then %.0f km/h)', $estimate->before->speed * 3.6, $estimate->after->speed * 3.6);

        return [
            [
                "Seen to standing, dry{$speeds}",
                $metres($estimate->before->distance(Weather::Dry)),
                $metres($estimate->after->distance(Weather::Dry)),
                $estimate->stops(Weather::Dry),
            ],
            [
                'The same, wet',
                $metres($estimate->before->distance(Weather::Wet)),
                $metres($estimate->after->distance(Weather::Wet)),
                $estimate->stops(Weather::Wet),
            ],
            [
                'One hard stop warms the hotter brake by',
                $kelvin($estimate->before->warmerBy()),
                $kelvin($estimate->after->warmerBy()),
                null,
            ],
            ['A long way down, on the brakes, it stays warmer than the air by', $kelvin($cool), $kelvin($hot), $estimate->heat()],
        ];
    }
}
