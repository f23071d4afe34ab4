<?php

declare(strict_types=1);

namespace App\View\Shared;

use NeatSpindle\Core\Choosing\Order\Shortage;
use NeatSpindle\Core\Ground\Measure\LengthUnit;

/** What to get for a stack, in words. */
class Shopping
{
    /** Empty when nothing is missing. */
    public static function words(Shortage $shortage, LengthUnit $unit): string
    {
        $lines = [];
        foreach ($shortage->counted() as [$purchase, $count]) {
            $lines[] = "{$count} × {$unit->show($purchase->mm())} for “{$purchase->place->label()}”".($purchase->isMade ? ' (to be made)' : '');
        }

        return implode(', ', $lines);
    }
}
