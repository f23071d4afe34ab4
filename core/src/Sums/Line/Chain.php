<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Line;

use NeatSpindle\Core\Donor\Bike\RearEnd;
use NeatSpindle\Core\Ground\Measure\Rounding;
use NeatSpindle\Core\Ground\Measure\Tolerance;
use NeatSpindle\Core\Parts\Part\Ring;

use function count;

/** How many links to fit, against what was on the bike, and how worn that was. */
final readonly class Chain
{
    /** A chain as it is sold, in links. */
    public const SOLD = 116;

    /** Twelve links of a new chain, in mm. */
    private const TWELVE_NEW_LINKS = 304.8;

    /**
     * @param  float  $exact length in pitches of 12.7 mm, before rounding up to a whole even number
     * @param  ?int  $changeFromOld links to add to the old chain's count; negative to take out
     * @param  ?float  $stretch percent longer than new
     */
    private function __construct(
        public float $exact,
        public int $links,
        public ?int $changeFromOld,
        public ?float $stretch,
        public ?bool $replace,
        public int $wrapTeeth,
    ) {}

    /** Length of an open chain around two wheels: `2C + (z1 + z2) / 2 + ((z1 - z2) / 2π)² / C`, in pitches. */
    public static function of(RearEnd $rear, Ring $ring): self
    {
        $centres = ($rear->chainPath ?? $rear->chainstayLength)->value / Ring::CHAIN_PITCH;
        $largest = max($rear->cogs);
        $exact = 2 * $centres + ($ring->teeth + $largest) / 2 + (($ring->teeth - $largest) / (2 * M_PI)) ** 2 / $centres;
        $links = 2 * (int) ceil(($exact - Tolerance::EPSILON) / 2) + ($rear->hasOneCog() ? 0 : 2);
        $stretch = $rear->twelveLinks === null ? null : ($rear->twelveLinks->value / self::TWELVE_NEW_LINKS - 1) * 100;

        return new self(
            $exact,
            $links,
            $rear->oldChainLinks === null ? null : $links - $rear->oldChainLinks,
            $stretch,
            $stretch === null ? null : Tolerance::atLeast(Rounding::halfAway($stretch), self::wornAt($rear)),
            $largest - min($rear->cogs),
        );
    }

    /** How many chains as they are sold make it, joined. */
    public function pieces(): int
    {
        return (int) ceil($this->links / self::SOLD);
    }

    /** The stretch in percent at which a chain for this many cogs is worn. */
    public static function wornAt(RearEnd $rear): float
    {
        return count($rear->cogs) >= 11 ? 0.5 : 0.75;
    }
}
