<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

use function count;

/**
 * Finds the best set of spacers exactly: a search over sums, so it grows with the span and never with the
 * number of sets. Works in hundredths of a millimetre.
 *
 * Layer k holds, for every sum the k thinnest thicknesses can make, the fewest pieces that make it.
 */
final readonly class SpacerSearch
{
    /** @param  array<int, int>  $stock quantity by thickness, thinnest first */
    private function __construct(private array $stock) {}

    /** @param  array<int, int>  $stock quantity by thickness */
    public static function over(array $stock): self
    {
        ksort($stock);

        return new self($stock);
    }

    /** @return list<int>|null thickest first; null when no set is within the span */
    public function best(Span $span): ?array
    {
        if ($span->holds(0) && $span->target <= 0) {
            return [];
        }

        $near = $this->firstGuess($span);
        $guess = $this->bestUpTo($near, $span);

        return $guess !== null && $span->distance((int) array_sum($guess)) <= $near - $span->target
            ? $guess
            : $this->bestUpTo($this->largestUseful($span), $span);
    }

    /**
     * The best set whose sum reaches no further than `largest`.
     *
     * @return list<int>|null
     */
    private function bestUpTo(int $largest, Span $span): ?array
    {
        $layers = $this->layers($largest);
        $sets = array_map(
            fn (int $sum) => $this->pieces($sum, $layers),
            self::nearest($layers[count($layers) - 1], $span),
        );

        return $sets === [] ? null : max($sets);
    }

    /** Just past the target: mostly enough, and what is found no further from the target than this cannot be beaten. */
    private function firstGuess(Span $span): int
    {
        return min($span->high, max($span->low, $span->target) + (array_key_first($this->stock) ?? 0));
    }

    /** No best sum reaches further: taking any piece away would still leave enough, and nearer. */
    private function largestUseful(Span $span): int
    {
        return min($span->high, max($span->low, $span->target) + (array_key_last($this->stock) ?? 0));
    }

    /** @return non-empty-list<array<int, int>> fewest pieces by sum, a layer for each thickness */
    private function layers(int $largest): array
    {
        $layer = [0 => 0];
        $layers = [$layer];
        foreach ($this->stock as $thickness => $quantity) {
            $next = $layer;
            foreach ($layer as $sum => $pieces) {
                $most = min($quantity, intdiv($largest - $sum, $thickness));
                for ($copies = 1; $copies <= $most; $copies++) {
                    $reached = $sum + $copies * $thickness;
                    if (! isset($next[$reached]) || $next[$reached] > $pieces + $copies) {
                        $next[$reached] = $pieces + $copies;
                    }
                }
            }
            $layers[] = $layer = $next;
        }

        return $layers;
    }

    /**
     * The sums nearest to the target that take the fewest pieces: none, one, or one on either side of it.
     *
     * @param  array<int, int>  $reachable fewest pieces by sum
     * @return list<int>
     */
    private static function nearest(array $reachable, Span $span): array
    {
        $sums = [];
        [$nearest, $fewest] = [PHP_INT_MAX, PHP_INT_MAX];
        foreach ($reachable as $sum => $pieces) {
            $distance = abs($sum - $span->target);
            if ($sum < $span->low || $sum > $span->high || $distance > $nearest || ($distance === $nearest && $pieces > $fewest)) {
                continue;
            }
            $sums = $distance === $nearest && $pieces === $fewest ? [...$sums, $sum] : [$sum];
            [$nearest, $fewest] = [$distance, $pieces];
        }

        return $sums;
    }

    /**
     * Walks the layers back from the thickest, taking as many of each as the fewest pieces allow.
     *
     * @param  non-empty-list<array<int, int>>  $layers
     * @return list<int>
     */
    private function pieces(int $sum, array $layers): array
    {
        $pieces = [];
        $k = count($layers) - 1;
        foreach (array_reverse($this->stock, true) as $thickness => $quantity) {
            $fewest = $layers[$k][$sum];
            $copies = min($quantity, intdiv($sum, $thickness));
            while ($copies > 0 && ($layers[$k - 1][$sum - $copies * $thickness] ?? INF) + $copies > $fewest) {
                $copies--;
            }
            array_push($pieces, ...array_fill(0, $copies, $thickness));
            $sum -= $copies * $thickness;
            $k--;
        }

        return $pieces;
    }
}
