<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Fitting\Route\Run;

/** How near the runs are looked at. */
enum RouteZoom: string
{
    case Whole = 'whole';
    case Bars = 'bars';
    case Shell = 'shell';
    case Stay = 'stay';

    public function label(): string
    {
        return ucfirst($this->value);
    }

    /** @return list<string> the places it has to show; none means all of them */
    public function places(): array
    {
        return match ($this) {
            self::Whole => [],
            self::Bars => ['bar', 'head', 'cross', 'front', 'lamp-front', ...Run::ON_THE_BAR],
            self::Shell => ['motor', 'motor-top', 'down-low', 'under-shell'],
            self::Stay => ['motor-top', 'stay', 'stay-in', 'axle'],
        };
    }
}
