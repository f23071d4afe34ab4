<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

/** Fills the places of one stack in turn: by hand where a hand has decided, else from what the drawer still has. */
final class SpacerPicker
{
    /** @param  array<string, list<float>>  $byHand thicknesses in mm by place */
    public function __construct(private Drawer $drawer, private readonly array $byHand = []) {}

    public function isFilledByHand(Place $place): bool
    {
        return isset($this->byHand[$place->value]);
    }

    /** The spacers for a place; null when the drawer has no set within the span. */
    public function pick(Place $place, Span $span): ?Spacers
    {
        if ($this->isFilledByHand($place)) {
            return Spacers::of($this->byHand[$place->value]);
        }
        $pieces = $this->drawer->choose($span, $place);
        if ($pieces === null) {
            return null;
        }
        if ($pieces !== []) {
            $this->drawer = $this->drawer->without($pieces, $place);
        }

        return Spacers::fromHundredths($pieces);
    }
}
