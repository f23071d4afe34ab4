<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

use NeatSpindle\Core\Donor\Bike\Scenario;

use function count;

/** The same site on the bike as it might really be, made once for all motors. It only remembers, and not for ever. */
final class Sites
{
    private const KEPT = 100;

    /** @var array<string, Site> */
    private array $settled = [];

    public function of(Site $read, Scenario $scenario): Site
    {
        $key = $scenario->key();
        if (! isset($this->settled[$key]) && count($this->settled) >= self::KEPT) {
            $this->settled = [];
        }

        return $this->settled[$key] ??= new Site($read->bike->settled($scenario), $read->ring);
    }
}
