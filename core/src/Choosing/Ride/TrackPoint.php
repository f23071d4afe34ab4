<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Ride;

/** A point of a track: latitude and longitude in degrees, height in m where one was written down. */
final readonly class TrackPoint
{
    private const EARTH_RADIUS = 6_371_000.0;

    public function __construct(
        public float $latitude,
        public float $longitude,
        public ?float $height,
    ) {}

    /** Along the great circle, in m. */
    public function distanceTo(self $other): float
    {
        $dLat = deg2rad($other->latitude - $this->latitude);
        $dLon = deg2rad($other->longitude - $this->longitude);
        $half = sin($dLat / 2) ** 2 + cos(deg2rad($this->latitude)) * cos(deg2rad($other->latitude)) * sin($dLon / 2) ** 2;

        return 2 * self::EARTH_RADIUS * asin(min(1.0, sqrt($half)));
    }
}
