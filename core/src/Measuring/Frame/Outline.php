<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

/** One closed or open line of a close-up, by what it shows. In mm. */
final readonly class Outline
{
    private const ROUND = 40;

    /** @param  list<Point>  $points */
    private function __construct(public string $role, public array $points, public bool $isClosed) {}

    public static function box(string $role, float $left, float $bottom, float $right, float $top): self
    {
        return new self($role, [new Point($left, $bottom), new Point($right, $bottom), new Point($right, $top), new Point($left, $top)], true);
    }

    public static function round(string $role, Point $middle, float $radius): self
    {
        return new self($role, array_map(fn (int $i) => $middle->at(360.0 * $i / self::ROUND, $radius), range(0, self::ROUND - 1)), true);
    }

    public static function shape(string $role, Point ...$points): self
    {
        return new self($role, array_values($points), true);
    }

    public static function line(string $role, Point ...$points): self
    {
        return new self($role, array_values($points), false);
    }
}
