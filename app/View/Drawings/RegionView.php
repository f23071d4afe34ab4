<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Measuring\Frame\BikeShape;
use NeatSpindle\Core\Measuring\Frame\CloseView;
use NeatSpindle\Core\Measuring\Frame\Point;
use NeatSpindle\Core\Measuring\Survey\Region;

/** One region of a bike from near, with its spots. */
class RegionView extends NearView
{
    /** @param  array<string, int>  $numbers  of the region's spots, by their codes, in walking order */
    public function __construct(public readonly Region $region, CloseView $close, private readonly BikeShape $shape, array $numbers)
    {
        parent::__construct($close, $numbers);
    }

    /** Whether it is drawn on the bike itself, rather than by outlines of its own. */
    public function isOnTheBike(): bool
    {
        return $this->close->outlines === [];
    }

    public function frame(): FrameView
    {
        return new FrameView($this->shape);
    }

    /** How the drawing of the bike is moved and enlarged so that the region fills the picture. */
    public function transform(): string
    {
        $frame = $this->frame();
        $origin = new Point(0.0, 0.0);
        $times = $this->scale / ($frame->length(1000.0) / 1000.0);

        return sprintf('translate(%.2F %.2F) scale(%.4F)', $this->x($origin) - $frame->x($origin) * $times, $this->y($origin) - $frame->y($origin) * $times, $times);
    }
}
