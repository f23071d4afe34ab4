<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

use function count;

/** Spots that are measured one after the other with one instrument: their figures can be typed in a row. */
final readonly class SpotRow
{
    /** @param  non-empty-list<Spot>  $spots in the order of their figures */
    private function __construct(public array $spots, public string $words) {}

    /** The row that begins with a spot; null where none does. */
    public static function from(Spot $spot): ?self
    {
        return match ($spot) {
            Spot::Stay45 => new self(SurveyPlan::STAY, 'Or all four in a row, from 45 mm behind the axis to 112'),
            Spot::OverLocknuts => new self([$spot, Spot::CogInset], 'Or both in a row: over the locknuts, smallest cog inset'),
            Spot::DownTube => new self([$spot, Spot::BarToHead], 'Or both in a row: down tube, bar to head tube'),
            Spot::RoomBase => new self([$spot, Spot::RoomFront, Spot::RoomRear], 'Or all three in a row: down tube, top tube, seat tube'),
            default => null,
        };
    }

    public function count(): int
    {
        return count($this->spots);
    }
}
