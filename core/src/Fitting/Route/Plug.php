<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

/** A plug as it is at hand: how many pins, its colour and its outline, which half it is, whether a ring seals it. */
final readonly class Plug
{
    public function __construct(
        public int $pins, public PlugColour $colour, public PlugShape $shape, public bool $isSocket = false, public bool $isSealed = true,
    ) {}

    /** The code it reads by, without colour too: pins, outline, colour, half. */
    public function words(): string
    {
        return "{$this->pins} pins, {$this->shape->label()}, {$this->colour->label()}, ".($this->isSocket ? 'socket' : 'pins').($this->isSealed ? ', sealed' : ', not sealed');
    }
}
