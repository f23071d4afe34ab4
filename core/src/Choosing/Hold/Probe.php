<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Hold;

use NeatSpindle\Core\Parts\Drawer\Picker;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\Spacers;
use NeatSpindle\Core\Parts\Drawer\Span;

/** Fills the first places of a stack as it is told, and hears what the next one asks for. */
final class Probe implements Picker
{
    private ?Place $place = null;

    private ?Span $span = null;

    private int $filled = 0;

    /** @param  list<list<int>>  $sets  in hundredths of a mm, in the order in which places are filled */
    public function __construct(private readonly array $sets) {}

    public function byHand(Place $place): null
    {
        return null;
    }

    public function pick(Place $place, Span $span): ?Spacers
    {
        if ($this->place === null && isset($this->sets[$this->filled])) {
            return Spacers::fromHundredths($this->sets[$this->filled++]);
        }
        if ($this->place === null) {
            [$this->place, $this->span] = [$place, $span];
        }

        return null;
    }

    /** @return array{Place, Span}|null the first place it was not told to fill, and what has to go there; null where there is none */
    public function next(): ?array
    {
        return $this->place === null || $this->span === null ? null : [$this->place, $this->span];
    }
}
