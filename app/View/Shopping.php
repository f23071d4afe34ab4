<?php

declare(strict_types=1);

namespace App\View;

use NeatSpindle\Core\Measure\LengthUnit;
use NeatSpindle\Core\Order\Shortage;

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
