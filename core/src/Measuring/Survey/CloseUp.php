<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

/** How the instrument is held at a spot: what its close-up shows. */
enum CloseUp: string
{
    case Across = 'across';
    case Inside = 'inside';
    case Depth = 'depth';
    case UnderTheGuide = 'under-the-guide';
    case Between = 'between';
    case Gauge = 'gauge';
    case Straightedge = 'straightedge';
    case TapeAlong = 'tape-along';
    case TapeUp = 'tape-up';
    case Roll = 'roll';
    case CogStack = 'cog-stack';
    case Links = 'links';
    case Round = 'round';
    case RingToPlate = 'ring-to-plate';
    case PinionToFace = 'pinion-to-face';
    case CrankGap = 'crank-gap';

    /** What to mind, in a few words under the picture. */
    public function words(): string
    {
        return match ($this) {
            self::Across => 'Jaws flat on both faces, caliper square to the axis',
            self::Inside => 'Inner jaws over the crests, twice, a quarter turn apart',
            self::Depth => 'Rod straight down, its beam flat on the upper face',
            self::UnderTheGuide => 'Beam flat under the guide, rod beside it up to the shell',
            self::Between => 'Inner jaws against both dropouts, wheel in',
            self::Gauge => 'Gauge over ten crests, no light between',
            self::Straightedge => 'Straightedge flat on the shell’s face; outboard is plus, inboard minus',
            self::TapeAlong => 'Tape straight and taut, middle to middle',
            self::TapeUp => 'Tape plumb, its end on the floor, read at the middle of the bolt',
            self::Roll => 'Valve down to valve down, rider on, straight ahead',
            self::CogStack => 'Over the whole stack, less one cog, divided by the steps',
            self::Links => 'Twelve links pulled taut, pin to pin',
            self::RingToPlate => 'Rod between the teeth down to the plate, beam flat over the ring; half its thickness counts',
            self::PinionToFace => 'Beam over the pinion’s teeth, rod down to the plate the motor is bolted to',
            self::CrankGap => 'Beam on the spindle’s end, rod down to the bearing’s stop',
            self::Round => 'Jaws across the middle, twice, a quarter turn apart',
        };
    }
}
