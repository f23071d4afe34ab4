<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Section;

use NeatSpindle\Core\Bike\ProfilePoint;
use NeatSpindle\Core\Catalogue\Ring;
use NeatSpindle\Core\Stack\Recipe;
use NeatSpindle\Core\Stack\SleeveFit;
use NeatSpindle\Core\Stack\SleeveStack;
use NeatSpindle\Core\Stack\Stack;
use NeatSpindle\Core\Stack\TwinPlateStack;
use NeatSpindle\Core\Stack\YokeFit;
use NeatSpindle\Core\Stack\YokeStack;

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

    /** Null while the stack is unsolved. */
    public static function of(Recipe $recipe, Stack $stack, Ring $ring): ?self
    {
        $layout = self::layout($recipe, $stack, $ring);
        if ($layout === null) {
            return null;
        }
        $parts = $layout->parts();
        foreach ($layout->berths() as $berth) {
            array_push($parts, ...$berth->parts($stack->spacers[$berth->place->value] ?? null));
        }

        return new self(
            $parts,
            array_map(fn (ProfilePoint $point) => [$layout->driveFace() + $point->outboard->value, $point->radius], $layout->stay()),
            $layout->gaps(),
            $layout->berths(),
            min(array_map(fn (Part $part) => $part->x0, $parts)),
            max(array_map(fn (Part $part) => $part->x1, $parts)),
            max(self::LEAST_REAR, $ring->radius(), ...array_map(fn (ProfilePoint $p) => $p->radius, $layout->stay())),
        );
    }

    private static function layout(Recipe $recipe, Stack $stack, Ring $ring): ?Layout
    {
        $fit = $stack->fit;

        return match (true) {
            $fit === null => null,
            $recipe instanceof SleeveStack && $fit instanceof SleeveFit => new SleeveLayout($recipe, $stack, $fit),
            $recipe instanceof YokeStack && $fit instanceof YokeFit => new YokeLayout($recipe, $stack, $fit),
            $recipe instanceof TwinPlateStack => new TwinPlateLayout($recipe, $stack, $ring),
            default => null,
        };
    }
}
