<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

/** The colour of a plug, as a person would call it. */
enum PlugColour: string
{
    case Black = 'black';
    case White = 'white';
    case Grey = 'grey';
    case Red = 'red';
    case Yellow = 'yellow';
    case Green = 'green';
    case Blue = 'blue';
    case Brown = 'brown';

    public function label(): string
    {
        return $this->value;
    }
}
