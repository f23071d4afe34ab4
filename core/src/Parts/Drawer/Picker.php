<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Drawer;

/** Fills the places of one stack in turn; each sees what the earlier ones left. */
interface Picker
{
    /** What a hand has put in a place; null when the place is left to the rule. */
    public function byHand(Place $place): ?Spacers;

    /** The spacers for a place; null when there is no set within the span. */
    public function pick(Place $place, Span $span): ?Spacers;
}
