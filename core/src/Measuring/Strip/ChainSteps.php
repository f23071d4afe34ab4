<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Strip;

use NeatSpindle\Core\Ground\Prose\Wording;

/** Taking chain and front mech off, or the chain aside whole. */
final class ChainSteps
{
    /** @return list<StripStep> */
    public static function for(Fitted $fitted): array
    {
        $chain = match (true) {
            $fitted->keepsChain => Wording::of(StripWords::CHAIN_KEPT),
            $fitted->hasNarrowChain() => Wording::of(StripWords::CHAIN_NARROW, cogs: $fitted->cogs),
            default => Wording::of(StripWords::CHAIN_OFF),
        };
        $mech = StripStep::worded('front-mech', Wording::of($fitted->keepsChain ? StripWords::FRONT_MECH_OPENED : StripWords::FRONT_MECH));

        return [StripStep::worded('chain', $chain), ...($fitted->hasFrontMech ? [$mech] : [])];
    }
}
