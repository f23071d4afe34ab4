<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

use function count;

/**
 * Every sum a stock of spacers can make up to a limit, with the fewest pieces that make it.
 *
 * Thicknesses are added one after the other, thinnest first; each leaves a layer behind (four bytes a sum),
 * from which the pieces are read back, thickest first. In hundredths of a millimetre, divided by what all
 * thicknesses are a multiple of.
 */
final readonly class ReachableSums
{
    private const NEVER = 0x7FFFFFFF;

    /** How often a piece is tried before the rest of a stock is searched anew. */
    private const TRIES = 400;

    /** How many pieces more than the full stock would need. */
    private const MORE_PIECES = 3;

    /**
     * @param  list<array{int, int}>  $kinds thickness in steps and quantity, thinnest first
     * @param  non-empty-list<string>  $layers fewest pieces by sum, packed; layer k with the k thinnest
     */
    private function __construct(
        public int $limit,
        private int $step,
        private array $kinds,
        private array $layers,
    ) {}

    /** @param  array<int, int>  $stock quantity by thickness, thickest first */
    public static function upTo(int $limit, array $stock, int $step): self
    {
        $last = intdiv($limit, $step);
        $fewest = array_fill(0, $last + 1, self::NEVER);
        $fewest[0] = 0;
        $layers = [pack('V*', ...$fewest)];
        $kinds = [];
        foreach (array_reverse($stock, true) as $thickness => $quantity) {
            $width = intdiv($thickness, $step);
            $kinds[] = [$width, $quantity];
            $fewest = $quantity >= intdiv($last, $width)
                ? self::withAnyNumberOf($fewest, $width, $last)
                : self::withSome($fewest, $width, $quantity, $last);
            $layers[] = pack('V*', ...$fewest);
        }

        return new self($last * $step + $step - 1, $step, $kinds, $layers);
    }

    /** @return list<int>|null the fewest pieces that make a sum, the thicker first; null when none do */
    public function pieces(int $sum): ?array
    {
        $at = intdiv($sum, $this->step);
        $fewest = $this->fewest(count($this->kinds), $at);
        if ($sum % $this->step !== 0 || $fewest === self::NEVER) {
            return null;
        }
        $pieces = [];
        for ($k = count($this->kinds); $k > 0 && $at > 0; $k--) {
            [$width, $quantity] = $this->kinds[$k - 1];
            $copies = min($quantity, intdiv($at, $width), $fewest);
            while ($copies > 0 && $this->fewest($k - 1, $at - $copies * $width) + $copies > $fewest) {
                $copies--;
            }
            array_push($pieces, ...array_fill(0, $copies, $width * $this->step));
            $at -= $copies * $width;
            $fewest -= $copies;
        }

        return $pieces;
    }

    /**
     * The fewest pieces that make a sum when some of the stock is gone, the thicker first.
     *
     * @param  array<int, int>  $left quantity by thickness, thickest first
     * @return list<int>|null null when none were found within a bounded number of tries; there may be some
     */
    public function piecesFrom(int $sum, array $left): ?array
    {
        $at = intdiv($sum, $this->step);
        $fewest = $this->fewest(count($this->kinds), $at);
        $tries = self::TRIES;
        for ($number = $fewest; $fewest !== self::NEVER && $number <= $fewest + self::MORE_PIECES; $number++) {
            $pieces = $this->exactly($number, $at, count($this->kinds), $left, $tries);
            if ($pieces !== null || $tries <= 0) {
                return $pieces;
            }
        }

        return null;
    }

    /**
     * So many pieces of the k thinnest that make a sum. The thickest of them is no thinner than their mean,
     * and what the full stock cannot do with the others need not be tried.
     *
     * @param  array<int, int>  $left
     * @return list<int>|null
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

    /** @return list<int> every sum that can be made, rising */
    public function all(): array
    {
        $sums = [];
        foreach (array_values((array) unpack('V*', $this->layers[count($this->layers) - 1])) as $at => $fewest) {
            if ($fewest !== self::NEVER) {
                $sums[] = $at * $this->step;
            }
        }

        return $sums;
    }

    private function fewest(int $layer, int $at): int
    {
        /** @var array{1: int} $packed */
        $packed = unpack('V', $this->layers[$layer], 4 * $at);

        return $packed[1];
    }

    /**
     * @param  array<int, int>  $fewest
     * @return array<int, int>
     */
    private static function withAnyNumberOf(array $fewest, int $width, int $last): array
    {
        for ($sum = $width; $sum <= $last; $sum++) {
            if ($fewest[$sum - $width] < $fewest[$sum] - 1) {
                $fewest[$sum] = $fewest[$sum - $width] + 1;
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
    private static function withSome(array $fewest, int $width, int $quantity, int $last): array
    {
        for ($bundle = 1; $quantity > 0; $bundle *= 2) {
            $copies = min($bundle, $quantity);
            $quantity -= $copies;
            $wide = $copies * $width;
            for ($sum = $last; $sum >= $wide; $sum--) {
                if ($fewest[$sum - $wide] < $fewest[$sum] - $copies) {
                    $fewest[$sum] = $fewest[$sum - $wide] + $copies;
                }
            }
        }

        return $fewest;
    }
}
