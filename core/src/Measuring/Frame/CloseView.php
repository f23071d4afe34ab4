<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

/** A region of a bike from near, to scale: its outlines, and where each of its spots sits; or a part on the bench with its figures. In mm. */
final readonly class CloseView
{
    /**
     * @param  list<Outline>  $outlines from the back to the front
     * @param  array<string, Point>  $points by the code of a spot or figure
     * @param  array{left: float, right: float, bottom: float, top: float}  $extent what has to be seen
     */
    public function __construct(public array $outlines, private array $points, public array $extent) {}

    public function has(string $code): bool
    {
        return isset($this->points[$code]);
    }

    /** Where a spot or figure sits; the middle where it has no place of its own. */
    public function point(string $code): Point
    {
        return $this->points[$code] ?? new Point(
            ($this->extent['left'] + $this->extent['right']) / 2, ($this->extent['bottom'] + $this->extent['top']) / 2,
        );
    }
}
