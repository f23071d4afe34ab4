<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Catalogue;

use NeatSpindle\Core\Donor\Shell\ShellStandard;
use NeatSpindle\Core\Holding\Mount\Entry;
use NeatSpindle\Core\Holding\Mount\Held;
use NeatSpindle\Core\Holding\Mount\Mount;
use NeatSpindle\Core\Holding\Mount\Note;
use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Holding\Mount\Site;
use NeatSpindle\Core\Parts\Part\Insert;

use function in_array;

/** A motor of the catalogue. */
final readonly class Motor
{
    /** @param  list<ShellStandard>  $nativeShells shells it goes into without an insert */
    public function __construct(
        public string $code,
        public string $name,
        public array $nativeShells,
        public float $ratedCrankRpm,
        public float $maxCrankRpm,
        public float $continuousW,
        public float $maxTorqueNm,
        public Held $held,
    ) {}

    public function mount(): Mount
    {
        return $this->held->mount();
    }

    /**
     * How its stack is built up on a bike; null while that bike lacks what is measured for its mount alone.
     *
     * @param  ?ShellStandard  $standard what the bike's shell is known to be
     */
    public function on(Site $site, ?ShellStandard $standard, ?Insert $insert): ?Recipe
    {
        return $this->held->on($site, new Entry($insert, Note::ofShell($standard, $this->code, $this->nativeShells, $insert)));
    }

    public function isNativeTo(ShellStandard $standard): bool
    {
        return in_array($standard, $this->nativeShells, true);
    }
}
