<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Frame\DiamondFrame;
use NeatSpindle\Core\Frame\Point;

/** A frame seen from the drive side, placed on paper: front right, half a unit to the millimetre. */
class FrameView
{
    private const SCALE = 0.5;

    private const ROOM = 26.0;

    public readonly float $width;

    public readonly float $height;

    private readonly float $left;

    private readonly float $top;

    public function __construct(public readonly DiamondFrame $frame)
    {
        $radius = $frame->wheelRadius;
        $this->left = min($frame->rearAxle->x - $radius, -500.0);
        $right = max($frame->frontAxle->x + $radius, 900.0);
        $this->top = max($frame->bar->y, $frame->seatTop->y) + 90.0;
        $this->width = ($right - $this->left) * self::SCALE + 2 * self::ROOM;
        $this->height = ($this->top - ($frame->rearAxle->y - $radius)) * self::SCALE + 2 * self::ROOM;
    }

    public function x(Point $point): float
    {
        return round(($point->x - $this->left) * self::SCALE + self::ROOM, 1);
    }

    public function y(Point $point): float
    {
        return round(($this->top - $point->y) * self::SCALE + self::ROOM, 1);
    }

    public function length(float $mm): float
    {
        return round($mm * self::SCALE, 1);
    }

    public function groundY(): float
    {
        return $this->y($this->frame->rearAxle->plus(0.0, -$this->frame->wheelRadius));
    }
}
