<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Section;

use NeatSpindle\Core\Donor\Bike\ProfilePoint;
use NeatSpindle\Core\Parts\Drawer\Filling;

/**
 * The section along the crank axis, as geometry to draw: every part where it ends up, every margin where it
 * is. Positions along the axis are to the measure; radii that no figure gives are typical of such parts.
 * In mm; x from the frame's centre plane, positive to the drive side; radii from the axis.
 */
final readonly class AxisSection
{
    private const LEAST_REAR = 60.0;

    /**
     * @param  non-empty-list<Part>  $parts back to front
     * @param  list<array{float, float}>  $stay the chainstay's outer side, (x, radius), rising
     * @param  list<Gap>  $gaps
     * @param  list<Berth>  $berths
     */
    private function __construct(
        public array $parts,
        public array $stay,
        public array $gaps,
        public array $berths,
        public float $left,
        public float $right,
        public float $rear,
    ) {}

    /** @param  float  $ringRadius how far from the axis the drawing has to reach at least */
    public static function of(Layout $layout, Filling $filling, float $ringRadius): self
    {
        $parts = $layout->parts();
        foreach ($layout->berths() as $berth) {
            array_push($parts, ...$berth->parts($filling->at($berth->place)));
        }

        return new self(
            $parts,
            array_map(fn (ProfilePoint $point) => [$layout->driveFace() + $point->outboard->value, $point->radius], $layout->stay()),
            $layout->gaps(),
            $layout->berths(),
            min(array_map(fn (Part $part) => $part->x0, $parts)),
            max(array_map(fn (Part $part) => $part->x1, $parts)),
            max(self::LEAST_REAR, $ringRadius, ...array_map(fn (ProfilePoint $p) => $p->radius, $layout->stay())),
        );
    }
}
