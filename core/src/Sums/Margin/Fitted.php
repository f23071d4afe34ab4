<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Margin;

use NeatSpindle\Core\Parts\Drawer\Filling;
use NeatSpindle\Core\Parts\Drawer\Place;

/** What is fitted in a place, as a figure of a sum. */
final class Fitted
{
    /** How a sum names what lies in each place. */
    private const LABELS = [
        'drive' => 'Drive side, spacers',
        'plate' => 'Under the plate, spacers',
        'nut' => 'Under the nut, spacers',
        'boss' => 'Boss washers, spacers',
        'slot_inner' => 'Slot, inner, spacers',
        'slot_outer' => 'Slot, outer, spacers',
        'left' => 'Left of the motor, spacers',
        'crank' => 'Under the crank, spacers',
    ];

    /** @return array{Source, string, float} */
    public static function in(Place $place, Filling $in, float $times = 1.0): array
    {
        return [Source::Spacers, self::LABELS[$place->value], $times * $in->sumAt($place)];
    }
}
