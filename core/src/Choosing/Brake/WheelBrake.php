<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Brake;

use NeatSpindle\Core\Donor\Bike\BrakeKind;

/**
 * The brake of one axle: how hard it holds, and what it makes of the heat. An estimate: every figure here is ours, of an ordinary brake
 * of its kind in good order under one firm hand; `BrakeEstimate::assumptions` says so to whoever reads it. In SI units but for the names.
 */
final readonly class WheelBrake
{
    private const PADS_REACH_IN_M = 0.007;

    private const BAND_M = 0.014;

    private const DISC_THICK_M = 0.0018;

    /** What of a rotor's band is steel, and not hole. */
    private const DISC_SOLID = 0.7;

    /** A rotor's arms cool with its band. */
    private const ARMS_COOL_TOO = 1.5;

    private const STEEL_DENSITY = 7_900.0;

    private const STEEL_HEAT = 480.0;

    private const ALLOY_HEAT = 900.0;

    private const RIM_KG = 0.5;

    private const RIM_AREA = 0.12;

    private const DRUM_KG = 0.35;

    private const DRUM_AREA = 0.03;

    private const COASTER_KG = 0.2;

    private const COASTER_AREA = 0.012;

    /**
     * @param  ?float  $rotorMm diameter; null where there is no rotor, or nobody has measured it
     * @param  float  $wheelMm circumference of the wheel
     * @param  int  $wheels how many wheels on this axle carry such a brake
     */
    private function __construct(public BrakeKind $kind, public ?float $rotorMm, private float $wheelMm, public int $wheels) {}

    /** Null while a rotor's size is not known. */
    public static function of(BrakeKind $kind, ?float $rotorMm, float $wheelMm, int $wheels = 1): ?self
    {
        return $kind->hasRotor() && $rotorMm === null ? null : new self($kind, $kind->hasRotor() ? $rotorMm : null, $wheelMm, $wheels);
    }

    /** What it holds back at the road, in N. */
    public function force(Weather $weather): float
    {
        $wheel = $this->wheelMm / 1000 / (2 * M_PI);
        $rotor = max(0.0, (float) $this->rotorMm / 2000 - self::PADS_REACH_IN_M);
        $isDry = $weather === Weather::Dry;

        return $this->wheels * match ($this->kind) {
            BrakeKind::Rim => $isDry ? 380.0 : 190.0,
            BrakeKind::DiscHydraulic => ($isDry ? 1_900.0 : 1_600.0) * $rotor / $wheel,
            BrakeKind::DiscCable => ($isDry ? 1_450.0 : 1_200.0) * $rotor / $wheel,
            BrakeKind::Drum => $isDry ? 260.0 : 240.0,
            BrakeKind::Coaster => 180.0,
            BrakeKind::None => 0.0,
        };
    }

    /** How much warmer one stop makes it, in K, where nothing of the heat leaves meanwhile. */
    public function warmerBy(float $joule): float
    {
        return $joule / $this->heatCapacity();
    }

    /** How much warmer than the air it stays on a long way down, in K: where what comes in at a speed goes out with the wind. */
    public function steadyAt(float $watt, float $speed): float
    {
        return $watt / ($this->area() * (10.0 + 30.0 * sqrt($speed)));
    }

    /** Beyond so much warmer than the air it is not to be counted on, in K. */
    public function mostWarmer(): float
    {
        return match ($this->kind) {
            BrakeKind::Rim => 70.0,
            BrakeKind::DiscCable, BrakeKind::DiscHydraulic => 280.0,
            BrakeKind::Drum => 150.0,
            BrakeKind::Coaster => 110.0,
            BrakeKind::None => 0.0,
        };
    }

    /** In J/K. */
    private function heatCapacity(): float
    {
        return $this->wheels * match ($this->kind) {
            BrakeKind::Rim, BrakeKind::None => self::RIM_KG * self::ALLOY_HEAT,
            BrakeKind::DiscCable, BrakeKind::DiscHydraulic => $this->band() * self::DISC_THICK_M * self::DISC_SOLID * self::STEEL_DENSITY * self::STEEL_HEAT,
            BrakeKind::Drum => self::DRUM_KG * self::STEEL_HEAT,
            BrakeKind::Coaster => self::COASTER_KG * self::STEEL_HEAT,
        };
    }

    /** What cools, in m². */
    private function area(): float
    {
        return $this->wheels * match ($this->kind) {
            BrakeKind::Rim, BrakeKind::None => self::RIM_AREA,
            BrakeKind::DiscCable, BrakeKind::DiscHydraulic => 2 * $this->band() * self::DISC_SOLID * self::ARMS_COOL_TOO,
            BrakeKind::Drum => self::DRUM_AREA,
            BrakeKind::Coaster => self::COASTER_AREA,
        };
    }

    /** One side of a rotor's band, in m². */
    private function band(): float
    {
        return M_PI * ((float) $this->rotorMm / 1000 - self::BAND_M) * self::BAND_M;
    }
}
