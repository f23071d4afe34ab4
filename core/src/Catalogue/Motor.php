<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Catalogue;

use NeatSpindle\Core\Shell\ShellStandard;

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
        public Sleeve|Yoke|TwinPlate $held,
    ) {}

    public function mount(): Mount
    {
        return match (true) {
            $this->held instanceof Sleeve => Mount::Sleeve,
            $this->held instanceof Yoke => Mount::Yoke,
            $this->held instanceof TwinPlate => Mount::TwinPlate,
        };
    }

    public function isNativeTo(ShellStandard $standard): bool
    {
        return in_array($standard, $this->nativeShells, true);
    }
}
