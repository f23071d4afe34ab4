<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

/** How a battery is to be set: where, how far along, by what it is held, and what was seen with it held there. */
final readonly class PackSetting
{
    /**
     * @param  ?float  $at from the base's front end to the pack's, in mm; null: as far forward as it goes
     * @param  array<string, bool>  $seen what a check came to, by its code; those nobody has made are absent
     */
    public function __construct(
        public PackSite $site,
        public ?float $at = null,
        public ?Fixing $fixing = null,
        public Floor $floor = new Floor,
        public array $seen = [],
    ) {}
}
