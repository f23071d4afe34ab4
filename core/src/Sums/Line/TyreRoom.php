<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Line;

use NeatSpindle\Core\Donor\Bike\RearEnd;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Sums\Margin\Verdict;

use function end;

/**
 * The way between the chain and a wide rear tyre, with the chain on the largest cog. Seen from above, the chain runs straight
 * from cog to ring; the tyre is widest half its width inside its outer edge, and its section is round. Ours. In mm.
 */
final readonly class TyreRoom
{
    /** Less than this, and a tyre that walks in its dropouts or throws mud touches. */
    public const LEAST = 3.0;

    /** Half of what a chain for several cogs measures over its pins. */
    private const HALF_CHAIN = 3.6;

    public Verdict $verdict;

    /** @param  int  $teeth of the cog the chain lies on */
    private function __construct(public float $value, public float $plusMinus, public int $teeth)
    {
        $this->verdict = Verdict::ofSlack($value - self::LEAST, $plusMinus);
    }

    /** @param  float  $wheel its circumference */
    public static function of(Chainline $line, RearEnd $rear, float $wheel, Measurement $tyre): self
    {
        $cogs = $line->cogs;
        $cog = end($cogs);
        $widestAt = $wheel / (2 * M_PI) - $tyre->value / 2;
        $chain = $cog->position + $cog->offset * $widestAt / $rear->chainstayLength->value;

        return new self($chain - self::HALF_CHAIN - $tyre->value / 2, $cog->plusMinus + $tyre->plusMinus / 2, $cog->teeth);
    }
}
