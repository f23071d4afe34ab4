<?php

declare(strict_types=1);

namespace App\Planning;

use Carbon\CarbonInterface;
use DateTimeZone;

use function in_array;
use function intdiv;

/** The workshop's wall clock against universal time. */
final readonly class Wall
{
    private DateTimeZone $zone;

    public function __construct(public string $zoneName)
    {
        $this->zone = new DateTimeZone(in_array($zoneName, DateTimeZone::listIdentifiers(), true) ? $zoneName : 'UTC');
    }

    /** What stands on the wall just now, as the core's clock counts it. */
    public function now(): int
    {
        return $this->of(now());
    }

    public function of(CarbonInterface $moment): int
    {
        return intdiv($moment->getTimestamp(), 60) + $this->ahead($moment);
    }

    /** By how many minutes the wall is ahead of universal time at a moment. */
    public function ahead(CarbonInterface $moment): int
    {
        return intdiv($this->zone->getOffset($moment->toDateTime()), 60);
    }
}
