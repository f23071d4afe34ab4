<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

use NeatSpindle\Core\Ground\Measure\Tolerance;

/** What a power lead's fuse, plug and copper are made for, in A, against what flows. Null for what nobody said. */
final readonly class PowerLimits
{
    public function __construct(public ?float $flows, public ?float $fuse, public ?float $connector, public ?float $bears) {}

    /** @return list<string> what does not go together, in words */
    public function objections(): array
    {
        return array_values(array_filter([
            self::isLess($this->fuse, $this->flows) ? "A fuse of {$this->fuse} A blows at the {$this->flows} A that flow." : null,
            self::isLess($this->connector, $this->flows) ? "The plug is made for {$this->connector} A, {$this->flows} A flow: it gets hot." : null,
            self::isLess($this->bears, $this->flows) ? "The lead’s maker allows {$this->bears} A, {$this->flows} A flow: it gets hot." : null,
            self::isLess($this->bears, $this->fuse) ? "A fuse of {$this->fuse} A does not protect a lead whose maker allows {$this->bears} A." : null,
            self::isLess($this->connector, $this->fuse) ? "A fuse of {$this->fuse} A does not protect a plug made for {$this->connector} A." : null,
        ]));
    }

    private static function isLess(?float $one, ?float $other): bool
    {
        return $one !== null && $other !== null && Tolerance::below($one, $other);
    }
}
