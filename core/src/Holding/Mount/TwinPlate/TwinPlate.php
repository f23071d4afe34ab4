<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\TwinPlate;

use NeatSpindle\Core\Donor\Shell\Shell;
use NeatSpindle\Core\Holding\Mount\Entry;
use NeatSpindle\Core\Holding\Mount\Held;
use NeatSpindle\Core\Holding\Mount\Mount;
use NeatSpindle\Core\Holding\Mount\Site;

/** A motor hung beside the shell between two plates, driving by a first chain. In mm. */
final readonly class TwinPlate implements Held
{
    public function __construct(
        public float $plateThickness,
        public float $motorWidth,
        public float $minInsertion,
        public float $minBoltTurns,
    ) {}

    public function mount(): Mount
    {
        return new TwinPlateMount;
    }

    public function on(Site $site, Entry $entry): ?TwinPlateStack
    {
        return $site->bike->twinPlate === null ? null : new TwinPlateStack($site, $entry, $this, $site->bike->twinPlate);
    }

    public function nut(): null
    {
        return null;
    }

    public function bodyGap(): null
    {
        return null;
    }

    public function insertFor(Shell $shell): null
    {
        return null;
    }
}
