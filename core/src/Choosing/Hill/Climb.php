<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Hill;

use NeatSpindle\Core\Holding\Catalogue\Motor;
use NeatSpindle\Core\Sums\Gearing\Gear;
use NeatSpindle\Core\Sums\Gearing\Gears;

/**
 * A hill ridden steadily with all the continuous power there is: its speed, and how each gear fares.
 * Worksheet contract, *climb*; 0.95 is what the drive passes on.
 */
final readonly class Climb
{
    public const DRIVE = 0.95;

    /** Grades tried for the steepest that still pulls, in percent. */
    private const STEEPEST = 45.0;

    /**
     * @param  float  $speed in m/s
     * @param  float  $force at the wheel, in N
     * @param  non-empty-list<GearOnHill>  $gears
     */
    private function __construct(
        public float $speed,
        public float $force,
        public array $gears,
    ) {}

    public static function of(Motor $motor, Gears $gears, Load $load, float $gradePercent): self
    {
        $slope = $gradePercent / 100;
        $speed = SteadySpeed::of(self::DRIVE * ($motor->continuousW + $load->riderW), $slope, $load);
        $force = $load->resistance($speed, $slope);

        return new self($speed, $force, array_map(function (Gear $gear) use ($speed, $force, $motor, $load): GearOnHill {
            $rpm = $gear->crankRpm($speed);
            $torque = $force * $gear->development / (2 * M_PI * self::DRIVE);

            return new GearOnHill($gear, $rpm, $torque, Pull::of($torque, $rpm, $motor, $load->riderTorque));
        }, $gears->gears));
    }

    /** The gear to climb in: of those that pull the one nearest to the rated crank speed; else the best of the rest. */
    public function best(Motor $motor): GearOnHill
    {
        $order = [Pull::Pulls->value => 0, Pull::Labours->value => 1, Pull::SpinsOut->value => 2, Pull::Stalls->value => 3];
        $gears = $this->gears;
        $rank = fn (GearOnHill $gear) => [$order[$gear->verdict->value], abs($gear->crankRpm - $motor->ratedCrankRpm)];
        usort($gears, fn (GearOnHill $a, GearOnHill $b) => $rank($a) <=> $rank($b));

        return $gears[0];
    }

    public function pulls(): bool
    {
        return array_filter($this->gears, fn (GearOnHill $on) => $on->verdict === Pull::Pulls) !== [];
    }

    /** The steepest grade in percent, to a tenth, that some gear still pulls; null when it pulls none, not even on the level. */
    public static function steepest(Motor $motor, Gears $gears, Load $load): ?float
    {
        $steepest = null;
        for ($grade = 0.0; $grade <= self::STEEPEST; $grade += 1.0) {
            $steepest = self::of($motor, $gears, $load, $grade)->pulls() ? $grade : $steepest;
        }
        if ($steepest === null) {
            return null;
        }
        for ($tenth = 1; $tenth < 10; $tenth++) {
            if (! self::of($motor, $gears, $load, $steepest + $tenth / 10)->pulls()) {
                return $steepest + ($tenth - 1) / 10;
            }
        }

        return $steepest + 0.9;
    }
}
