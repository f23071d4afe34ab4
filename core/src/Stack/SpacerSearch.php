<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

use function count;

/**
 * Finds the best set of spacers exactly. One or two pieces are looked up; anything else is a search over
 * sums, so it grows with the span and the number of thicknesses, never with the number of sets.
 *
 * Works in hundredths of a millimetre. Remembers the sums it has worked out.
 */
final class SpacerSearch
{
    private ?ReachableSums $sums = null;

    /** What every sum is a multiple of. */
    private readonly int $step;

    private readonly int $total;

    /** @param  array<int, int>  $stock quantity by thickness, thickest first */
    private function __construct(private readonly array $stock)
    {
        $step = 0;
        $total = 0;
        foreach ($stock as $thickness => $quantity) {
            $step = self::commonDivisor($step, $thickness);
            $total += $thickness * $quantity;
        }
        $this->step = max(1, $step);
        $this->total = $total;
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
        $isQuick = true;
        foreach ($this->nearestFirst($span) as $sums) {
            $sets = $isQuick ? self::found($sums, fn (int $sum) => self::upToTwo($sum, $this->stock)) : [];
            $isQuick = $isQuick && $sets !== [];
            $sets = $isQuick ? $sets : self::found($sums, fn (int $sum) => $this->sumsFor($sum, $span)->pieces($sum));
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
        foreach ($this->nearestFirst($span) as $sums) {
            $sets = self::found($sums, fn (int $sum) => self::upToTwo($sum, $left));
            if ($sets === []) {
                $reachable = array_filter($sums, fn (int $sum) => $this->sumsFor($sum, $span)->pieces($sum) !== null);
                $sets = self::found($reachable, fn (int $sum) => $this->sumsFor($sum, $span)->piecesFrom($sum, $left));
                if (count($sets) < count($reachable)) {
                    return self::over($left)->best($span);
                }
            }
            if ($sets !== []) {
                return self::preferred($sets);
            }
        }

        return null;
    }

    /** @return iterable<non-empty-list<int>> the sums within the span that are not out of the question, by their distance from the target */
    private function nearestFirst(Span $span): iterable
    {
        $farthest = max($span->target - $span->low, min($span->high, $this->total) - $span->target);
        for ($distance = max(0, $span->low - $span->target); $distance <= $farthest; $distance++) {
            $sums = $this->possible($span, $distance);
            if ($sums !== []) {
                yield $sums;
            }
        }
    }

    /**
     * @param  array<int>  $sums
     * @param  callable(int): (list<int>|null)  $find
     * @return list<list<int>>
     */
    private static function found(array $sums, callable $find): array
    {
        return array_values(array_filter(array_map($find, $sums), fn (?array $set) => $set !== null));
    }

    /** @return list<int> the sums this far from the target that are within the span and not out of the question */
    private function possible(Span $span, int $distance): array
    {
        $sums = $distance === 0 ? [$span->target] : [$span->target + $distance, $span->target - $distance];

        return array_values(array_filter($sums, fn (int $sum) => $span->holds($sum)
            && $sum % $this->step === 0 && $sum <= $this->total));
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
            $this->sums = ReachableSums::upTo(max($sum, min($reach, $this->total), 2 * ($this->sums->limit ?? 0)), $this->stock, $this->step);
        }

        return $this->sums;
    }

    /**
     * The one with fewest pieces; of equally many the one that is thicker at the first difference.
     *
     * @param  non-empty-array<list<int>>  $sets
     * @return list<int>
     */
    private static function preferred(array $sets): array
    {
        usort($sets, fn (array $a, array $b) => [count($a), $b] <=> [count($b), $a]);

        return $sets[0];
    }

    private static function commonDivisor(int $a, int $b): int
    {
        return $b === 0 ? $a : self::commonDivisor($b, $a % $b);
    }
}
