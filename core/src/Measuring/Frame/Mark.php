<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

/** What a stretch crosses or lies in, as far as it matters for what may be laid there. */
enum Mark: string
{
    case Steering = 'steering';
    case Pivot = 'pivot';
    case Pinch = 'pinch';
    case InsideWheel = 'inside_wheel';
    case Rotor = 'rotor';
    case Underside = 'underside';
    case InsideTube = 'inside_tube';

    public function label(): string
    {
        return match ($this) {
            self::Steering => 'crosses the steering',
            self::Pivot => 'crosses a pivot',
            self::Pinch => 'between body and frame',
            self::InsideWheel => 'in the wheel’s path',
            self::Rotor => 'beside the disc',
            self::Underside => 'underneath, in the dirt',
            self::InsideTube => 'inside a tube',
        };
    }
}
