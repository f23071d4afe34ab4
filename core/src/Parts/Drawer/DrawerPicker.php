<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Drawer;

/** Fills places by hand where a hand has decided, else from what the drawer still has. */
final class DrawerPicker implements Picker
{
    /** @param  array<string, list<float>>  $byHand thicknesses in mm by place */
    public function __construct(private Drawer $drawer, private readonly array $byHand = []) {}

    public function byHand(Place $place): ?Spacers
    {
        return isset($this->byHand[$place->value]) ? Spacers::of($this->byHand[$place->value]) : null;
    }

    public function pick(Place $place, Span $span): ?Spacers
    {
        $byHand = $this->byHand($place);
        if ($byHand !== null) {
            return $byHand;
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
