<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Drawer;

use function count;

/**
 * Finds the best set of spacers exactly. One or two pieces are looked up; anything else is a search over
 * sums, so it grows with the span and the number of thicknesses, never with the number of sets.
 *
 * Works in hundredths of a millimetre. Remembers the sums it has worked out.
 */
final class SpacerSearch
{
    /** How often a piece is tried before what is left of a stock is searched anew. */
    private const TRIES = 400;

    private ?ReachableSums $sums = null;

    private readonly int $total;

    /** @param  array<int, int>  $stock quantity by thickness, thickest first */
    private function __construct(private readonly array $stock)
    {
        $this->total = array_sum(array_map(fn (int $thickness, int $quantity) => $thickness * $quantity, array_keys($stock), $stock));
    }

    /** @param  array<int, int>  $stock quantity by thickness */
    public static function over(array $stock): self
    {
        krsort($stock);

        return new self($stock);
    }

    /** @return list<int>|null thickest first; null when no set is within the span */
    public function best(Span $span): ?array
    {
        $quick = $span->holds($span->target) ? self::upToTwo($span->target, $this->stock) : null;
        if ($quick !== null) {
            return $quick;
        }
        foreach ($this->nearestFirst($span) as $sums) {
            $sets = self::found($sums, fn (int $sum) => self::upToTwo($sum, $this->stock) ?? $this->sumsFor($sum, $span)->pieces($sum));
            if ($sets !== []) {
                return self::preferred($sets);
            }
        }

        return null;
    }

    /**
     * The best set when some of the stock is gone. What the full stock can make says where to look; where
     * looking would take too long the rest is searched anew.
     *
     * @param  array<int, int>  $left quantity by thickness, thickest first
     * @return list<int>|null
     */
    public function bestOf(Span $span, array $left): ?array
    {
        $tries = self::TRIES;
        try {
            foreach ($this->nearestFirst($span) as $sums) {
                $sets = self::found($sums, fn (int $sum) => self::upToTwo($sum, $left))
                    ?: self::found($sums, function (int $sum) use ($span, $left, &$tries): ?array {
                        return $this->sumsFor($sum, $span)->piecesFrom($sum, $left, $tries);
                    });
                if ($sets !== []) {
                    return self::preferred($sets);
                }
            }
        } catch (TooManySets) {
            return self::over($left)->best($span);
        }

        return null;
    }

    /** @return iterable<non-empty-list<int>> the sums the stock can make within the span, nearest to the target first; two that are equally near together */
    private function nearestFirst(Span $span): iterable
    {
        $above = $this->atOrAbove(max($span->target, $span->low), $span);
        $below = $this->atOrBelow(min($span->target - 1, $span->high), $span);
        while ($above !== null || $below !== null) {
            $up = $above === null ? PHP_INT_MAX : $above - $span->target;
            $down = $below === null ? PHP_INT_MAX : $span->target - $below;
            yield match (true) {
                $below === null, $up < $down => [(int) $above],
                $above === null, $down < $up => [$below],
                default => [$above, $below],
            };
            $above = $above !== null && $up <= $down ? $this->atOrAbove($above + 1, $span) : $above;
            $below = $below !== null && $down <= $up ? $this->atOrBelow($below - 1, $span) : $below;
        }
    }

    /** The least sum within the span, from here on, that can be made. */
    private function atOrAbove(int $sum, Span $span): ?int
    {
        $highest = min($span->high, $this->total);
        while ($sum <= $highest) {
            $sums = $this->sumsFor($sum, $span);
            $next = $sums->atOrAbove($sum);
            if ($next !== null) {
                return $next <= $highest ? $next : null;
            }
            $sum = $sums->limit + 1;
        }

        return null;
    }

    /** The largest sum within the span, up to here, that can be made. */
    private function atOrBelow(int $sum, Span $span): ?int
    {
        $sum = min($sum, $this->total);
        $before = $sum < $span->low ? null : $this->sumsFor($sum, $span)->atOrBelow($sum);

        return $before === null || $before < $span->low ? null : $before;
    }

    /**
     * @param  array<int>  $sums
     * @param  callable(int): (list<int>|null)  $find
     * @return list<list<int>>
     */
    private static function found(array $sums, callable $find): array
    {
        $sets = [];
        foreach ($sums as $sum) {
            $set = $find($sum);
            if ($set !== null) {
                $sets[] = $set;
            }
        }

        return $sets;
    }

    /**
     * Two pieces or fewer that make a sum, the thicker first; null when it takes more, if it can be made at all.
     *
     * @param  array<int, int>  $stock quantity by thickness, thickest first
     * @return list<int>|null
     */
    private static function upToTwo(int $sum, array $stock): ?array
    {
        if ($sum === 0 || isset($stock[$sum])) {
            return $sum === 0 ? [] : [$sum];
        }
        foreach ($stock as $thickness => $quantity) {
            $other = $sum - $thickness;
            if ($other > $thickness) {
                break;
            }
            if ($other > 0 && isset($stock[$other]) && ($other !== $thickness || $quantity > 1)) {
                return [$thickness, $other];
            }
        }

        return null;
    }

    /** The table of sums, grown until it holds one; at first just past the target, which mostly is enough. */
    private function sumsFor(int $sum, Span $span): ReachableSums
    {
        if ($this->sums === null || $sum > $this->sums->limit) {
            $nearest = max($span->low, $span->target);
            $reach = $sum > $nearest
                ? min($span->high, $nearest + (int) array_key_first($this->stock))
                : $sum + (int) array_key_last($this->stock);
            $this->sums = ReachableSums::upTo(max($sum, min($reach, $this->total), 2 * ($this->sums->limit ?? 0)), $this->stock);
        }

        return $this->sums;
    }

    /**
     * The one with fewest pieces; of equally many the one that is thicker at the first difference.
     *
     * @param  non-empty-list<list<int>>  $sets
     * @return list<int>
     */
    private static function preferred(array $sets): array
    {
        if (count($sets) > 1) {
            usort($sets, fn (array $a, array $b) => [count($a), $b] <=> [count($b), $a]);
        }

        return $sets[0];
    }
}
