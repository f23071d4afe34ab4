<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Hill;

/** What goes up a hill and what helps it: the rider, the whole weight, the surface, the air. */
final readonly class Load
{
    public const GRAVITY = 9.81;

    /** What is meant where nothing was said: somebody pedalling steadily, on a street, in still air. */
    public const RIDER_W = 100.0;

    public const RIDER_TORQUE_NM = 25.0;

    public const ROLLING = 0.008;

    public const DRAG_AREA_M2 = 0.6;

    private const HALF_AIR_DENSITY = 0.5 * 1.225;

    /**
     * @param  float  $mass of bike, rider and load, in kg
     * @param  float  $riderW what the rider gives all the time, in W
     * @param  float  $riderTorque at the crank, in N·m
     * @param  float  $rolling coefficient of rolling resistance
     * @param  float  $dragArea in m²
     * @param  float  $headwind in m/s; negative from behind
     */
    public function __construct(
        public float $mass,
        public float $riderW = self::RIDER_W,
        public float $riderTorque = self::RIDER_TORQUE_NM,
        public float $rolling = self::ROLLING,
        public float $dragArea = self::DRAG_AREA_M2,
        public float $headwind = 0.0,
    ) {}

    /** What holds the bike back at a speed in m/s on a slope (rise over run), in N; negative where it is pushed on. */
    public function resistance(float $speed, float $slope): float
    {
        return $this->drag($slope) + $this->air($speed);
    }

    /** The part of it that the slope and the tyres make, at any speed. */
    public function drag(float $slope): float
    {
        $angle = atan($slope);

        return $this->mass * self::GRAVITY * (sin($angle) + $this->rolling * cos($angle));
    }

    /** The part that the air makes. */
    public function air(float $speed): float
    {
        $air = $speed + $this->headwind;

        return self::HALF_AIR_DENSITY * $this->dragArea * $air * abs($air);
    }

    /** How fast the resistance rises with speed, in N for a m/s. */
    public function resistanceRise(float $speed): float
    {
        return 2 * self::HALF_AIR_DENSITY * $this->dragArea * abs($speed + $this->headwind);
    }
}
