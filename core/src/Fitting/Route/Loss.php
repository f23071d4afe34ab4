<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

use NeatSpindle\Core\Ground\Measure\Tolerance;

/** What the pack's lead loses of the pack's voltage, there and back, and how thick it would have to be for that: what it may carry without getting hot is its maker's to say. */
final readonly class Loss
{
    /** More of the voltage than this is a thicker lead. */
    public const MOST_PERCENT = 3.0;

    /** Areas of copper a shop sells, in mm². */
    public const AREAS_MM2 = [0.5, 0.75, 1.0, 1.5, 2.5, 4.0, 6.0, 10.0, 16.0, 25.0];

    private function __construct(public Run $run, public float $length, public float $volts, public float $ofVolts) {}

    /**
     * Null unless the run brings power from the pack, reaches, says its current and its area, and the motor's voltage is known.
     *
     * @param  ?float  $ofVolts what the motor runs on
     */
    public static function on(RunRoute $route, ?float $ofVolts): ?self
    {
        return $route->voltageDrop === null || $ofVolts === null || $ofVolts <= 0 || ! $route->run->isFromPack()
            ? null
            : new self($route->run, $route->run->supply + array_sum($route->extensions ?? []), $route->voltageDrop, $ofVolts);
    }

    public function percent(): float
    {
        return 100 * $this->volts / $this->ofVolts;
    }

    public function isTooMuch(): bool
    {
        return Tolerance::above($this->percent(), self::MOST_PERCENT);
    }

    /** The least area a shop sells that loses no more than it may, in mm²; null where none does. */
    public function areaWanted(): ?float
    {
        foreach (self::AREAS_MM2 as $area) {
            $volts = $this->run->ofCopper($area)->voltageDrop($this->length) ?? INF;
            if (Tolerance::atMost(100 * $volts / $this->ofVolts, self::MOST_PERCENT)) {
                return $area;
            }
        }

        return null;
    }

    /** How thick it has to be, in words; null where it is thick enough. */
    public function thicker(): ?string
    {
        return match (true) {
            ! $this->isTooMuch() => null,
            $this->areaWanted() === null => 'more than '.max(self::AREAS_MM2).' mm²',
            default => "{$this->areaWanted()} mm²",
        };
    }
}
