<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Order;

use NeatSpindle\Core\Parts\Drawer\Place;

/** One piece to get for a place. */
final readonly class Purchase
{
    /**
     * @param  int  $hundredths thickness in hundredths of a mm
     * @param  bool  $isMade to be made to measure: the workshop knows no such thickness
     */
    public function __construct(
        public Place $place,
        public int $hundredths,
        public bool $isMade,
    ) {}

    public function mm(): float
    {
        return $this->hundredths / 100;
    }
}
