<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Cockpit;

use NeatSpindle\Core\Fitting\Route\RunRole;

/** A side of the bar, as the rider sees it. */
enum BarSide: string
{
    case Left = 'left';
    case Right = 'right';

    /** The run of the sensor at its brake lever. */
    public function brakeSensorRun(): RunRole
    {
        return $this === self::Left ? RunRole::BrakeSensorLeft : RunRole::BrakeSensorRight;
    }

    public function label(): string
    {
        return ucfirst($this->value);
    }
}
