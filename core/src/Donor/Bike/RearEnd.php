<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Donor\Bike;

use NeatSpindle\Core\Ground\Measure\Measurement;

use function count;

/** The rear wheel's end of the drive: where the cogs stand and what chain runs on them. Lengths in mm. */
final readonly class RearEnd
{
    /** Outer width of a chain by the number of cogs it is made for; 12 and more share the last. */
    private const CHAIN_WIDTHS = [1 => 8.6, 7.3, 7.3, 7.3, 7.3, 7.3, 7.3, 7.1, 6.6, 5.9, 5.5, 5.3];

    /**
     * @param  Measurement  $chainstayLength the straight run from ring to cogs
     * @param  Measurement  $overLocknuts the hub's width over its locknuts
     * @param  Measurement  $smallestCogInset from the dropout's inner face to the smallest cog
     * @param  non-empty-list<int>  $cogs teeth, smallest first
     * @param  non-empty-list<float>  $use how much each cog is ridden, any scale
     * @param  non-empty-list<float>  $hubRatios
     * @param  ?Measurement  $chainPath one way, axis to axis, along the idlers
     * @param  ?Measurement  $twelveLinks length of twelve links of the old chain
     */
    public function __construct(
        public Measurement $chainstayLength,
        public Measurement $overLocknuts,
        public Measurement $smallestCogInset,
        public array $cogs,
        public float $cogPitch,
        public array $use,
        public array $hubRatios,
        public ?float $measuredChainWidth = null,
        public ?Measurement $chainPath = null,
        public ?int $oldChainLinks = null,
        public ?Measurement $twelveLinks = null,
    ) {}

    public function chainWidth(): float
    {
        return $this->measuredChainWidth ?? self::CHAIN_WIDTHS[min(count($this->cogs), 12)];
    }

    /** Cog i (0 is the smallest), from the frame's centre plane. */
    public function cogPosition(int $i): float
    {
        return $this->overLocknuts->value / 2 - $this->smallestCogInset->value - $i * $this->cogPitch;
    }

    public function hasOneCog(): bool
    {
        return count($this->cogs) === 1;
    }
}
