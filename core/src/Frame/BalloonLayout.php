<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Frame;

use NeatSpindle\Core\Survey\Spot;

/**
 * Hangs a numbered balloon near every spot so that none lies on another. Spots are served in order; each takes
 * the nearest free place, preferring those off the tubes. In mm.
 */
final class BalloonLayout
{
    /** From balloon to balloon, so that a finger finds one, on a drawing of usual size; everything below goes with it. */
    public const APART = 92.0;

    /** How far balloons may hang outside of what the bike spans. */
    public const BESIDE = 110.0;

    public const BELOW = 150.0;

    public const ABOVE = 60.0;

    private const DISTANCES = [105.0, 160.0, 215.0, 270.0, 330.0, 395.0, 470.0, 560.0];

    private const ANGLES = 20;

    /** A balloon on a tube or its leader over another balloon is as bad as this much distance. */
    private const ON_A_TUBE = 150.0;

    private const THROUGH_A_BALLOON = 260.0;

    private const CROSSING = 170.0;

    /** @var array<string, Point> */
    private array $hung = [];

    /** @var list<array{Point, Point}> */
    private array $leaders = [];

    /** @var array{left: float, right: float, bottom: float, top: float} */
    private readonly array $room;

    private readonly float $times;

    private function __construct(private readonly BikeShape $shape, private readonly float $apart)
    {
        $this->times = $apart / self::APART;
        $extent = $shape->extent();
        $this->room = [
            'left' => $extent['left'] - self::BESIDE * $this->times, 'right' => $extent['right'] + self::BESIDE * $this->times,
            'bottom' => $shape->ground() - self::BELOW * $this->times, 'top' => $extent['top'] + self::ABOVE * $this->times,
        ];
    }

    /**
     * @param  list<Spot>  $spots  in order
     * @param  float  $apart  how far balloons must be from each other
     * @return array<string, Point> where each balloon hangs, by the spot's code
     */
    public static function of(BikeShape $shape, array $spots, float $apart = self::APART): array
    {
        $layout = new self($shape, $apart);
        foreach ($spots as $spot) {
            $layout->hang($spot->value, $shape->spot($spot));
        }

        return $layout->hung;
    }

    private function hang(string $code, Point $spot): void
    {
        $best = $spot->plus(0.0, self::DISTANCES[0] * $this->times);
        $least = INF;
        foreach (self::DISTANCES as $usual) {
            $distance = $usual * $this->times;
            if ($distance >= $least) {
                break;
            }
            for ($i = 0; $i < self::ANGLES; $i++) {
                $candidate = $spot->at(270.0 + ($i % 2 === 0 ? 1 : -1) * ($i + 1) * 9.0, $distance);
                $cost = $this->isFree($candidate) ? $distance + $this->cost($spot, $candidate, $least - $distance) : INF;
                if ($cost < $least) {
                    [$best, $least] = [$candidate, $cost];
                }
            }
        }
        $this->hung[$code] = $best;
        $this->leaders[] = [$spot, $best];
    }

    private function isFree(Point $candidate): bool
    {
        if ($candidate->x < $this->room['left'] || $candidate->x > $this->room['right']
            || $candidate->y < $this->room['bottom'] || $candidate->y > $this->room['top']) {
            return false;
        }
        foreach ($this->hung as $other) {
            if (abs($other->x - $candidate->x) < $this->apart && $other->distanceTo($candidate) < $this->apart) {
                return false;
            }
        }

        return true;
    }

    /** What is wrong with a place, counted in mm; stops counting once it is more than it may be. */
    private function cost(Point $spot, Point $candidate, float $most): float
    {
        $cost = 0.0;
        foreach ($this->hung as $other) {
            $cost += self::distanceToLine($other, $spot, $candidate) < $this->apart / 2 ? self::THROUGH_A_BALLOON * $this->times : 0.0;
        }
        foreach ($this->leaders as [$from, $to]) {
            $cost += self::distanceToLine($candidate, $from, $to) < $this->apart / 2 ? self::THROUGH_A_BALLOON * $this->times : 0.0;
            $cost += $cost < $most && self::cross($spot, $candidate, $from, $to) ? self::CROSSING * $this->times : 0.0;
        }
        if ($cost < $most) {
            foreach ($this->shape->tubes as $tube) {
                $cost += self::distanceToLine($candidate, $tube->from, $tube->to) < $tube->width / 2 + 34.0 * $this->times ? self::ON_A_TUBE * $this->times : 0.0;
            }
        }

        return $cost;
    }

    private static function distanceToLine(Point $point, Point $from, Point $to): float
    {
        [$x, $y] = [$to->x - $from->x, $to->y - $from->y];
        $square = $x * $x + $y * $y;
        $share = $square === 0.0 ? 0.0 : max(0.0, min(1.0, (($point->x - $from->x) * $x + ($point->y - $from->y) * $y) / $square));

        return hypot($point->x - $from->x - $share * $x, $point->y - $from->y - $share * $y);
    }

    private static function cross(Point $a, Point $b, Point $c, Point $d): bool
    {
        if (abs($a->x - $c->x) < 1.0 && abs($a->y - $c->y) < 1.0) {
            return false;
        }
        $side = fn (Point $p, Point $q, Point $r): float => ($q->x - $p->x) * ($r->y - $p->y) - ($q->y - $p->y) * ($r->x - $p->x);

        return $side($a, $b, $c) * $side($a, $b, $d) < 0 && $side($c, $d, $a) * $side($c, $d, $b) < 0;
    }
}
