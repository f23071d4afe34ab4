<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Measuring\Frame\CloseView;
use NeatSpindle\Core\Measuring\Frame\LeaderLayout;
use NeatSpindle\Core\Measuring\Frame\Outline;
use NeatSpindle\Core\Measuring\Frame\Point;

/** Something seen from near, to scale, with a numbered balloon on the border for each thing to measure; no leader crosses another. */
abstract class NearView
{
    public const WIDTH = 740.0;

    public const HEIGHT = 450.0;

    /** Room around the drawing for balloons. */
    public const BORDER = 66.0;

    private const BALLOON_IN = 28.0;

    private const APART = 84.0;

    protected readonly float $scale;

    private readonly Point $middle;

    /** @param  array<string, int>  $numbers  of what is measured, by its code, in the order of the hand */
    public function __construct(protected readonly CloseView $close, private readonly array $numbers)
    {
        $extent = $close->extent;
        $this->scale = min(
            (self::WIDTH - 2 * self::BORDER) / ($extent['right'] - $extent['left']),
            (self::HEIGHT - 2 * self::BORDER) / ($extent['top'] - $extent['bottom']),
        );
        $this->middle = new Point(($extent['left'] + $extent['right']) / 2, ($extent['bottom'] + $extent['top']) / 2);
    }

    /** @return list<array{role: string, path: string}> */
    public function outlines(): array
    {
        return array_map(fn (Outline $outline) => [
            'role' => $outline->role,
            'path' => 'M'.implode(
                ' L', array_map(fn (Point $point) => "{$this->x($point)} {$this->y($point)}", $outline->points),
            ).($outline->isClosed ? ' Z' : ''),
        ], $this->close->outlines);
    }

    /** @return list<array{code: string, number: int, x: float, y: float, spotX: float, spotY: float}> */
    public function balloons(): array
    {
        $points = [];
        foreach (array_keys($this->numbers) as $code) {
            $spot = $this->close->point($code);
            $points[$code] = new Point($this->x($spot), $this->y($spot));
        }
        $hung = LeaderLayout::of($points, self::places());
        $balloons = [];
        foreach ($this->numbers as $code => $number) {
            $balloons[] = [
                'code' => $code,
                'number' => $number,
                'x' => $hung[$code]->x,
                'y' => $hung[$code]->y,
                'spotX' => $points[$code]->x,
                'spotY' => $points[$code]->y,
            ];
        }

        return $balloons;
    }

    /** How long a bar of so many mm is drawn, for the scale. */
    public function length(float $mm): float
    {
        return round($mm * $this->scale, 1);
    }

    /** A round length for the bar of the scale, in mm. */
    public function bar(): float
    {
        foreach ([10.0, 20.0, 50.0, 100.0, 200.0, 500.0] as $mm) {
            if ($mm * $this->scale >= 60.0) {
                return $mm;
            }
        }

        return 1000.0;
    }

    protected function x(Point $point): float
    {
        return round(self::WIDTH / 2 + ($point->x - $this->middle->x) * $this->scale, 1);
    }

    protected function y(Point $point): float
    {
        return round(self::HEIGHT / 2 - ($point->y - $this->middle->y) * $this->scale, 1);
    }

    /** @return list<Point> where balloons may hang, around the border */
    private static function places(): array
    {
        $places = [];
        for ($x = self::BALLOON_IN; $x <= self::WIDTH - self::BALLOON_IN; $x += self::APART) {
            array_push($places, new Point($x, self::BALLOON_IN), new Point($x, self::HEIGHT - self::BALLOON_IN));
        }
        for ($y = self::BALLOON_IN + self::APART; $y <= self::HEIGHT - self::BALLOON_IN - self::APART / 2; $y += self::APART) {
            array_push($places, new Point(self::BALLOON_IN, $y), new Point(self::WIDTH - self::BALLOON_IN, $y));
        }

        return $places;
    }
}
