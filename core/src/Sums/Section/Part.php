<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Section;

use NeatSpindle\Core\Parts\Drawer\Place;

/**
 * A part as it is cut by the plane through the crank axis: a band from x0 to x1 along the axis, between two
 * radii. In mm; x from the frame's centre plane, positive to the drive side.
 */
final readonly class Part
{
    /**
     * @param  string  $kind frame, insert, motor, case, spacer, washer, plate, nut, lockring, bolt, sleeve, thread, cup, yoke, collar, pinion, spindle, crank or ring
     * @param  ?float  $piece the thickness of a spacer or washer
     * @param  ?Place  $place where that piece is fitted
     */
    public function __construct(
        public string $kind,
        public string $label,
        public float $x0,
        public float $x1,
        public float $inner,
        public float $outer,
        public PartSide $side = PartSide::Both,
        public ?float $piece = null,
        public ?Place $place = null,
    ) {}

    public function width(): float
    {
        return $this->x1 - $this->x0;
    }

    public function middle(): float
    {
        return ($this->x0 + $this->x1) / 2;
    }
}
