<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Measuring\Frame\BikeShape;
use NeatSpindle\Core\Measuring\Frame\Panel;
use NeatSpindle\Core\Measuring\Frame\Point;
use NeatSpindle\Core\Measuring\Frame\Tube;

/** A frame seen from the drive side, placed on paper: front right, half a unit to the millimetre. */
class FrameView
{
    /** Units to the millimetre of a bike of usual size; longer ones are drawn smaller, so that what is written stays legible. */
    protected const USUAL_SCALE = 0.5;

    private const MOST_WIDTH = 880.0;

    private const ROOM = 26.0;

    public readonly float $width;

    public readonly float $height;

    protected readonly float $scale;

    private readonly float $left;

    private readonly float $top;

    public function __construct(public readonly BikeShape $shape, float $above = 90.0, float $below = 0.0, float $beside = 0.0)
    {
        $extent = $shape->extent();
        $this->scale = min(static::USUAL_SCALE, (self::MOST_WIDTH - 2 * self::ROOM - 2 * $beside * static::USUAL_SCALE) / ($extent['right'] - $extent['left']));
        $times = static::USUAL_SCALE / $this->scale;
        [$above, $below, $beside] = [$above * $times, $below * $times, $beside * $times];
        $this->left = $extent['left'] - $beside;
        $this->top = $extent['top'] + $above;
        $this->width = ($extent['right'] + $beside - $this->left) * $this->scale + 2 * self::ROOM;
        $this->height = ($this->top - $shape->ground() + $below) * $this->scale + 2 * self::ROOM;
    }

    /** A tube's middle line. */
    public function line(Tube $tube): string
    {
        $bend = $tube->over === null ? ' L' : " Q{$this->x($tube->over)} {$this->y($tube->over)} ";

        return "M{$this->x($tube->from)} {$this->y($tube->from)}{$bend}{$this->x($tube->to)} {$this->y($tube->to)}";
    }

    public function outline(Panel $panel): string
    {
        return implode(' ', array_map(fn (Point $corner) => "{$this->x($corner)},{$this->y($corner)}", $panel->corners));
    }

    public function x(Point $point): float
    {
        return round(($point->x - $this->left) * $this->scale + self::ROOM, 1);
    }

    public function y(Point $point): float
    {
        return round(($this->top - $point->y) * $this->scale + self::ROOM, 1);
    }

    public function length(float $mm): float
    {
        return round($mm * $this->scale, 1);
    }

    public function groundY(): float
    {
        return $this->y(new Point(0.0, $this->shape->ground()));
    }
}
