<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Whole\Measured\MeasuredPart;
use NeatSpindle\Core\Whole\Measured\PartDrawing;
use NeatSpindle\Core\Whole\Measured\PartFigure;

/** A part on the bench as far as it is measured, with the number of each figure where it is taken. */
class PartView extends NearView
{
    /** @param  array<string, int>  $numbers  of all figures of the part, by their codes */
    public function __construct(public readonly MeasuredPart $part, array $numbers)
    {
        $drawn = array_map(fn (PartFigure $figure) => $figure->code, PartDrawing::drawn($part->kind));
        parent::__construct(PartDrawing::of($part), array_intersect_key($numbers, array_flip($drawn)));
    }
}
