<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

/** What is given at a spot. */
enum SpotKind: string
{
    /** A length with its doubt, from one or several readings. */
    case Length = 'length';
    /** A length to either side: negative is inboard. */
    case Offset = 'offset';
    /** One of a few answers. */
    case Choice = 'choice';
    /** Teeth of each cog, smallest first. */
    case Teeth = 'teeth';
    /** Ratios of a hub gear, lowest first. */
    case Ratios = 'ratios';
    /** A whole number. */
    case Count = 'count';

    public function isMeasured(): bool
    {
        return $this === self::Length || $this === self::Offset;
    }
}
