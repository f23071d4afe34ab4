<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Fastening;

use NeatSpindle\Core\Ground\Measure\TorqueBand;

/** What a thing is usually tightened to where its maker says nothing: offered as that, and never for what a motor brings. */
final class UsualBand
{
    /** A pedal’s axle is 9/16 inch of steel in an arm: most papers of pedals and cranks lie within. Ours. */
    private const PEDAL_NM = [30.0, 40.0];

    /** What stands in place of a paper. */
    public const SOURCE = 'as pedals usually are, not their maker’s';

    public static function of(Fastener $fastener): ?Band
    {
        return $fastener === Fastener::Pedal ? new Band(new TorqueBand(...self::PEDAL_NM), self::SOURCE) : null;
    }
}
