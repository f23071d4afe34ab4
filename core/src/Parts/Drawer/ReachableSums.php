<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Drawer;

use function array_slice;
use function count;
use function is_array;

/**
 * Every sum a stock of spacers can make up to a limit, with the fewest pieces that make it; or the cheapest,
 * where pieces differ in what they cost.
 *
 * Thicknesses are added one after the other, thinnest first; each leaves a layer behind,
 * from which the pieces are read back, thickest first. In hundredths of a millimetre, divided by what all
 * thicknesses are a multiple of.
 */
final readonly class ReachableSums
{
    private const NEVER = 0x7FFFFFFF;

    /** A longer layer is packed, four bytes a sum; a shorter one is quicker as it is. */
    private const PACKED_FROM = 4_096;

    /** How many pieces more than the full stock would need. */
    private const MORE_PIECES = 8;

    /**
     * @param  list<array{int, int, int}>  $kinds thickness in steps, quantity and cost of a piece, thinnest first
     * @param  non-empty-list<string|array<int, int>>  $layers least cost by sum; layer k with the k thinnest
     * @param  non-empty-list<int>  $reachable what can be made, in steps, rising
     */
    private function __construct(
        public int $limit,
        private int $step,
        private array $kinds,
        private array $layers,
        private array $reachable,
    ) {}

    /** @param  array<int, int>  $stock quantity by thickness, thickest first; every piece costs one */
    public static function upTo(int $limit, array $stock): self
    {
        $kinds = [];
        foreach (array_reverse($stock, true) as $thickness => $quantity) {
            $kinds[] = [$thickness, $quantity, 1];
        }

        return self::costing($limit, $kinds);
    }

    /** @param  list<array{int, int, int}>  $supplies thickness, quantity and cost of a piece, thinnest first */
    public static function costing(int $limit, array $supplies): self
    {
        $step = 0;
        foreach ($supplies as [$thickness]) {
            for ($divisor = $thickness; $divisor !== 0; [$step, $divisor] = [$divisor, $step % $divisor]);
        }
        $step = max(1, $step);
        $last = intdiv($limit, $step);
        $isPacked = $last >= self::PACKED_FROM;
        $fewest = array_fill(0, $last + 1, self::NEVER);
        $fewest[0] = 0;
        $layers = [$isPacked ? pack('V*', ...$fewest) : $fewest];
        $kinds = [];
        foreach ($supplies as [$thickness, $quantity, $cost]) {
            $width = intdiv($thickness, $step);
            $kinds[] = [$width, $quantity, $cost];
            $fewest = $quantity >= intdiv($last, $width)
                ? self::withAnyNumberOf($fewest, $width, $last, $cost)
                : self::withSome($fewest, $width, $quantity, $last, $cost);
            $layers[] = $isPacked ? pack('V*', ...$fewest) : $fewest;
        }

        $reachable = [];
        foreach ($fewest as $sum => $cost) {
            if ($cost !== self::NEVER) {
                $reachable[] = $sum;
            }
        }

        return new self($last * $step + $step - 1, $step, $kinds, $layers, $reachable ?: [0]);
    }

    /** The least sum, from here on, that can be made; null when there is none up to the limit. */
    public function atOrAbove(int $sum): ?int
    {
        $steps = $this->reachable[$this->firstFrom(intdiv($sum + $this->step - 1, $this->step))] ?? null;

        return $steps === null ? null : $steps * $this->step;
    }

    /** @return list<int> every sum that can be made from one to another, up to the limit, rising */
    public function within(int $low, int $high): array
    {
        $from = $this->firstFrom(intdiv(max(0, $low) + $this->step - 1, $this->step));
        $to = $high < 0 ? 0 : $this->firstFrom(intdiv($high, $this->step) + 1);

        return array_map(fn (int $steps) => $steps * $this->step, array_slice($this->reachable, $from, max(0, $to - $from)));
    }

    /** The largest sum, up to here, that can be made; null below 0. */
    public function atOrBelow(int $sum): ?int
    {
        return $sum < 0 ? null : $this->reachable[$this->firstFrom(intdiv($sum, $this->step) + 1) - 1] * $this->step;
    }

    /** @return list<int>|null the cheapest pieces that make a sum, the thicker first; null when none do */
    public function pieces(int $sum): ?array
    {
        $bought = $this->supplies($sum);

        return $bought === null ? null : array_column($bought, 0);
    }

    /** What a sum costs at least; null when it cannot be made. */
    public function cost(int $sum): ?int
    {
        $cost = $sum % $this->step === 0 ? $this->fewest(count($this->kinds), intdiv($sum, $this->step)) : self::NEVER;

        return $cost === self::NEVER ? null : $cost;
    }

    /** @return list<array{int, int}>|null thickness and cost of each piece, the thicker first */
    public function supplies(int $sum): ?array
    {
        $least = $this->cost($sum);
        if ($least === null) {
            return null;
        }
        $at = intdiv($sum, $this->step);
        $pieces = [];
        for ($k = count($this->kinds); $k > 0 && $at > 0; $k--) {
            [$width, $quantity, $cost] = $this->kinds[$k - 1];
            $copies = min($quantity, intdiv($at, $width), intdiv($least, $cost));
            while ($copies > 0 && $this->fewest($k - 1, $at - $copies * $width) + $copies * $cost > $least) {
                $copies--;
            }
            array_push($pieces, ...array_fill(0, $copies, [$width * $this->step, $cost]));
            $at -= $copies * $width;
            $least -= $copies * $cost;
        }

        return $pieces;
    }

    /**
     * The fewest pieces that make a sum when some of the stock is gone, the thicker first; null when none do.
     *
     * @param  array<int, int>  $left quantity by thickness, thickest first
     * @param  int  $tries how often a piece may be tried; what is used is taken off
     * @return list<int>|null
     *
     * @throws TooManySets when that cannot be said with so many tries
     */
    public function piecesFrom(int $sum, array $left, int &$tries): ?array
    {
        $at = intdiv($sum, $this->step);
        $fewest = $this->fewest(count($this->kinds), $at);
        if ($fewest === self::NEVER) {
            return null;
        }
        $most = intdiv($at, $this->kinds[0][0] ?? 1);
        for ($number = $fewest; $number <= min($most, $fewest + self::MORE_PIECES); $number++) {
            $pieces = $this->exactly($number, $at, count($this->kinds), $left, $tries);
            if ($pieces !== null) {
                return $pieces;
            }
        }

        return $tries > 0 && $number > $most ? null : throw new TooManySets;
    }

    /**
     * So many pieces of the k thinnest that make a sum. The thickest of them is no thinner than their mean,
     * and what the full stock cannot do with the others need not be tried.
     *
     * @param  array<int, int>  $left
     * @return list<int>|null null when there are none, or no tries left
     */
    private function exactly(int $number, int $at, int $k, array $left, int &$tries): ?array
    {
        if ($number === 0) {
            return $at === 0 ? [] : null;
        }
        for (; $k > 0 && $this->kinds[$k - 1][0] * $number >= $at && $tries > 0; $k--) {
            $width = $this->kinds[$k - 1][0];
            $thickness = $width * $this->step;
            if ($width > $at || ($left[$thickness] ?? 0) < 1 || $this->fewest($k, $at - $width) > $number - 1) {
                continue;
            }
            $tries--;
            $others = $this->exactly($number - 1, $at - $width, $k, [$thickness => $left[$thickness] - 1] + $left, $tries);
            if ($others !== null) {
                return [$thickness, ...$others];
            }
        }

        return null;
    }

    /** Where in the list of what can be made the first stands that is at least so many steps. */
    private function firstFrom(int $steps): int
    {
        [$low, $high] = [0, count($this->reachable)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $this->reachable[$middle] < $steps ? $low = $middle + 1 : $high = $middle;
        }

        return $low;
    }

    private function fewest(int $layer, int $at): int
    {
        $costs = $this->layers[$layer];
        if (is_array($costs)) {
            return $costs[$at];
        }
        /** @var array{1: int} $packed */
        $packed = unpack('V', $costs, 4 * $at);

        return $packed[1];
    }

    /**
     * @param  array<int, int>  $fewest
     * @return array<int, int>
     */
    private static function withAnyNumberOf(array $fewest, int $width, int $last, int $cost): array
    {
        for ($sum = $width; $sum <= $last; $sum++) {
            if ($fewest[$sum - $width] < $fewest[$sum] - $cost) {
                $fewest[$sum] = $fewest[$sum - $width] + $cost;
            }
        }

        return $fewest;
    }

    /**
     * Bundles of one, two, four and so on, which together make every number up to the quantity.
     *
     * @param  array<int, int>  $fewest
     * @return array<int, int>
     */
    private static function withSome(array $fewest, int $width, int $quantity, int $last, int $cost): array
    {
        for ($bundle = 1; $quantity > 0; $bundle *= 2) {
            $copies = min($bundle, $quantity);
            $quantity -= $copies;
            $wide = $copies * $width;
            for ($sum = $last; $sum >= $wide; $sum--) {
                if ($fewest[$sum - $wide] < $fewest[$sum] - $copies * $cost) {
                    $fewest[$sum] = $fewest[$sum - $wide] + $copies * $cost;
                }
            }
        }

        return $fewest;
    }
}
