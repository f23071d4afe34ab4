<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Part;

/** The socket a workshop has for the nut of a sleeve: how wide it is bored, and how deep. In mm. */
final readonly class NutSocket
{
    public function __construct(public float $bore, public float $depth) {}
}
