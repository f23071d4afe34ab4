<?php

declare(strict_types=1);

namespace App\View\Line;

use App\Models\Track;
use App\View\Drawings\RoadView;
use NeatSpindle\Core\Choosing\Ride\Ride;
use NeatSpindle\Core\Choosing\Ride\Stretch;
use NeatSpindle\Core\Sums\Margin\Verdict;

use function count;

/** A road as it is ridden with this bike, this motor and this load, as a person reads it. */
readonly class RiddenRoad
{
    /** Laboured longer than this in one go, a motor gets hot. */
    private const HOT_AFTER_M = 600.0;

    /** Less than this share left of a battery is little. */
    private const LITTLE_LEFT = 0.2;

    public function __construct(public Ride $ride, public Track $track) {}

    public function drawing(): RoadView
    {
        return new RoadView($this->ride);
    }

    /** Tight when little is left of the battery. */
    public function batteryVerdict(): Verdict
    {
        return match (true) {
            $this->ride->emptyAt() !== null => Verdict::Fails,
            $this->ride->leftWh() < self::LITTLE_LEFT * $this->ride->rider->batteryWh => Verdict::Tight,
            default => Verdict::Clear,
        };
    }

    /**
     * The road kilometre by kilometre, or in longer legs: at most forty rows.
     *
     * @return list<array{to: string, slope: string, speed: string, gear: string, rpm: string, used: string, left: string, walked: bool}>
     */
    public function legs(): array
    {
        $leg = max(1000.0, ceil($this->ride->profile->length / 40_000) * 1000);
        $legs = [];
        foreach ($this->ride->stretches as $stretch) {
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
            'left' => number_format(max(0.0, $this->ride->rider->batteryWh - $last->usedWh), 0).' Wh',
            'walked' => array_filter($stretches, fn (Stretch $one) => $one->isWalked) !== [],
        ];
    }

    public function getsHot(): bool
    {
        return $this->ride->longestLabour() > self::HOT_AFTER_M;
    }

    public function km(float $metres): string
    {
        return number_format($metres / 1000, 1).' km';
    }

    public function hours(float $seconds): string
    {
        return sprintf('%d:%02d h', intdiv((int) round($seconds / 60), 60), (int) round($seconds / 60) % 60);
    }
}
