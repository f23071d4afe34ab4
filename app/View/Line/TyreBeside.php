<?php

declare(strict_types=1);

namespace App\View\Line;

use App\Bench\OpenJob;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Sums\Line\TyreRoom;

use function in_array;

/** A wide rear tyre beside the chain. */
final readonly class TyreBeside
{
    /** Null where the tyre is none that the chain comes near, or nobody has measured it. */
    public ?TyreRoom $room;

    /** Whether the tyre is so wide that its width is asked for, and nobody has given it. */
    public bool $isAsked;

    public function __construct(OpenJob $open)
    {
        [$worksheet, $tyre] = [$open->worksheet(), $open->findings->measurement(Spot::TyreWidth)];
        $bike = $worksheet?->job->bike;
        $this->room = $worksheet?->chainline === null || $bike === null || $tyre === null ? null
            : TyreRoom::of($worksheet->chainline, $bike->rear, $bike->wheelCircumference, $tyre);
        $this->isAsked = $tyre === null && in_array(Spot::TyreWidth, $open->walk()->spots, true);
    }
}
