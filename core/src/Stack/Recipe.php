<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

use NeatSpindle\Core\Bike\Truth;
use NeatSpindle\Core\Catalogue\Mount;

/** How the stack of one mount is built up on one bike. A mount is one of these and a layout to draw it by. */
interface Recipe
{
    public function mount(): Mount;

    public function solve(Picker $picker): Stack;

    /**
     * The sum behind a margin of a stack this recipe has solved.
     *
     * @return list<Term> whose values add up to the margin's
     */
    public function sum(Stack $stack, MarginName $margin): array;

    /** This recipe on the bike as it might really be. */
    public function settled(Truth $truth): self;

    /**
     * The doubts it depends on, in the order in which they decide its places; the last decides all that is left.
     *
     * @return non-empty-list<Axis>
     */
    public function axes(): array;
}
