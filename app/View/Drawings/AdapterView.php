<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Sums\Adapter\InsertToMeasure;

/** A flanged bush cut along its axis, with its dimensions; eight units to the millimetre. */
class AdapterView
{
    private const SCALE = 8.0;

    private const LEFT = 150.0;

    private const TOP = 80.0;

    public readonly float $width;

    public readonly float $height;

    public function __construct(public readonly InsertToMeasure $adapter)
    {
        $this->width = self::LEFT + ($adapter->flange + $adapter->length) * self::SCALE + 330;
        $this->height = self::TOP + $adapter->flangeOuter * self::SCALE + 130;
    }

    public function axisY(): float
    {
        return self::TOP + $this->adapter->flangeOuter / 2 * self::SCALE;
    }

    /** The cut faces: an L above the axis and its mirror below. */
    public function outline(bool $isBelow): string
    {
        $y = fn (float $radius): float => $this->axisY() + ($isBelow ? 1 : -1) * $radius * self::SCALE;
        [$inner, $outer, $rim] = [$this->adapter->inner / 2, $this->adapter->outer / 2, $this->adapter->flangeOuter / 2];

        return sprintf(
            'M%1$.1F %2$.1F L%1$.1F %3$.1F L%4$.1F %3$.1F L%4$.1F %5$.1F L%6$.1F %5$.1F L%6$.1F %2$.1F Z',
            $this->x(0), $y($inner), $y($rim), $this->x($this->adapter->flange), $y($outer), $this->x($this->adapter->flange + $this->adapter->length),
        );
    }

    public function x(float $mm): float
    {
        return round(self::LEFT + $mm * self::SCALE, 1);
    }

    public function y(float $radius): float
    {
        return round($this->axisY() - $radius * self::SCALE, 1);
    }
}
