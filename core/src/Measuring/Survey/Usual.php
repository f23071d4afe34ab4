<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Ground\Measure\Tolerance;

/**
 * What a reading usually is on a kind of bike, in mm. The figures are ours, from what frames of the kind have to leave
 * room for: nothing outside is refused, but it is asked about.
 */
final readonly class Usual
{
    public const STAYS = [Spot::Stay45, Spot::Stay64, Spot::Stay80, Spot::Stay112];

    /** On any kind that is not said otherwise below. */
    private const OF_MOST = [
        'stay_45' => [-20, 12], 'stay_64' => [-14, 18], 'stay_80' => [-10, 24], 'stay_112' => [-8, 32],
        'shell_width' => [64, 125], 'shell_bore' => [32.5, 48], 'cups_width' => [62, 130], 'cup_flange' => [0.8, 8], 'guide_depth' => [0, 14],
        'over_locknuts' => [95, 160], 'chainstay_length' => [380, 520], 'cog_inset' => [1.5, 32], 'cog_pitch' => [3, 5.5],
        'chain_twelve' => [303, 313], 'wheel' => [1150, 2450], 'ring_to_plate' => [2, 35], 'pinion_to_face' => [12, 90], 'crank_gap' => [6, 60],
    ];

    private const OF_WIDE_TYRES = [
        'tyre_width' => [75, 135],
        'stay_45' => [-14, 22], 'stay_64' => [-8, 30], 'stay_80' => [-4, 38], 'stay_112' => [0, 58], 'shell_width' => [83, 125], 'over_locknuts' => [130, 205],
    ];

    private const OF_LONG_BIKES = ['chainstay_length' => [380, 1200]];

    private const OF_WHEELS_FAR_BEHIND = ['chainstay_length' => [300, 2200], 'over_locknuts' => [90, 230]];

    /** @param  array<string, array{float|int, float|int}>  $ranges by spot */
    private function __construct(private array $ranges) {}

    public static function on(BikeKind $kind): self
    {
        return new self(match ($kind) {
            BikeKind::Fat => self::OF_WIDE_TYRES,
            BikeKind::LongTail, BikeKind::BoxCargo => self::OF_LONG_BIKES,
            BikeKind::TadpoleTrike, BikeKind::DeltaTrike, BikeKind::FourWheeler => self::OF_WHEELS_FAR_BEHIND,
            default => [],
        } + self::OF_MOST);
    }

    /** @return array{float, float}|null the least and the most that is usual; null where we know of nothing usual */
    public function range(Spot $spot): ?array
    {
        $range = $this->ranges[$spot->value] ?? null;

        return $range === null ? null : [(float) $range[0], (float) $range[1]];
    }

    /** Whether it is known to be usual. */
    public function holds(Spot $spot, float $mm): bool
    {
        $range = $this->range($spot);

        return $range !== null && Tolerance::atLeast($mm, $range[0]) && Tolerance::atMost($mm, $range[1]);
    }

    public function isUnusual(Spot $spot, float $mm): bool
    {
        return $this->range($spot) !== null && ! $this->holds($spot, $mm);
    }
}
