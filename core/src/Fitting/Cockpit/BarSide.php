<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Cockpit;

/** A side of the bar, as the rider sees it. */
enum BarSide: string
{
    case Left = 'left';
    case Right = 'right';

    public function label(): string
    {
        return ucfirst($this->value);
    }
}
