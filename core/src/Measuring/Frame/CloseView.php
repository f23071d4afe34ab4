<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

use NeatSpindle\Core\Measuring\Survey\Spot;

/** A region of a bike from near, to scale: its outlines, and where each of its spots sits. In mm. */
final readonly class CloseView
{
    /**
     * @param  list<Outline>  $outlines from the back to the front
     * @param  array<string, Point>  $points by the spot's code
     * @param  array{left: float, right: float, bottom: float, top: float}  $extent what has to be seen
     */
    public function __construct(public array $outlines, private array $points, public array $extent) {}

    public function point(Spot $spot): Point
    {
        return $this->points[$spot->value] ?? new Point(
            ($this->extent['left'] + $this->extent['right']) / 2, ($this->extent['bottom'] + $this->extent['top']) / 2,
        );
    }
}
