<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Gearing;

/** One gear: a cog with one ratio of the hub behind it. */
final readonly class Gear
{
    /**
     * @param  float  $ratio turns of the wheel for a turn of the crank
     * @param  float  $development metres travelled for a turn of the crank
     */
    public function __construct(
        public int $cog,
        public float $hubRatio,
        public float $ratio,
        public float $development,
    ) {}

    /** By its cog, and its hub ratio where the bike has a hub gear. */
    public function label(bool $hasHub): string
    {
        return $hasHub ? $this->cog.' × '.number_format($this->hubRatio, 3) : (string) $this->cog;
    }

    /** In km/h at a crank speed in turns a minute. */
    public function speedAt(float $crankRpm): float
    {
        return $this->development * $crankRpm * 60 / 1000;
    }

    /** In turns a minute at a speed in m/s. */
    public function crankRpm(float $speed): float
    {
        return 60 * $speed / $this->development;
    }
}
