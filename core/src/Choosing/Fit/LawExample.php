<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Fit;

use NeatSpindle\Core\Ground\Measure\Tolerance;
use NeatSpindle\Core\Holding\Catalogue\Motor;

/**
 * Classes of power that laws know, as examples to check against the local one. They say nothing of what is
 * allowed anywhere.
 */
enum LawExample: string
{
    case QuarterKilowatt = 'to-250';
    case HalfKilowatt = 'to-500';
    case ThreeQuarterKilowatt = 'to-750';
    case OneKilowatt = 'to-1000';

    public function maxContinuousW(): float
    {
        return match ($this) {
            self::QuarterKilowatt => 250.0,
            self::HalfKilowatt => 500.0,
            self::ThreeQuarterKilowatt => 750.0,
            self::OneKilowatt => 1000.0,
        };
    }

    public function label(): string
    {
        return "up to {$this->maxContinuousW()} W continuous";
    }

    public function holds(Motor $motor): bool
    {
        return Tolerance::atMost($motor->continuousW, $this->maxContinuousW());
    }
}
