<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Sums\Adapter\SleeveToMeasure;

/** A sleeve cut along its axis, with its dimensions; six units to the millimetre. */
class SleeveView
{
    private const SCALE = 6.0;

    private const LEFT = 60.0;

    private const TOP = 80.0;

    public readonly float $width;

    public readonly float $height;

    public function __construct(public readonly SleeveToMeasure $sleeve)
    {
        $this->width = self::LEFT + $sleeve->length * self::SCALE + 260;
        $this->height = self::TOP + $sleeve->outer * self::SCALE + 150;
    }

    public function x(float $mm): float
    {
        return round(self::LEFT + $mm * self::SCALE, 1);
    }

    public function y(float $radius): float
    {
        return round(self::TOP + ($this->sleeve->outer / 2 - $radius) * self::SCALE, 1);
    }
}
