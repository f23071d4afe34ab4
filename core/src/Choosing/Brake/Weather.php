<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Brake;

/** What the road and the brakes are like. */
enum Weather: string
{
    case Dry = 'dry';
    case Wet = 'wet';

    /** What a tyre holds on the road, as a share of the weight on it. */
    public function grip(): float
    {
        return $this === self::Dry ? 0.7 : 0.45;
    }
}
