<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

use NeatSpindle\Core\Ground\Measure\Tolerance;

use function count;

/** The extension leads of the drawer, used up run by run. Lengths in mm. */
final class LeadDrawer
{
    private const MOST_PER_RUN = 3;

    /** @param  list<Lead>  $leads */
    public function __construct(private array $leads) {}

    /**
     * Takes the leads that close a gap: fewest first, then least in total, then the longer first.
     *
     * @return list<float>|null longest first; null when no three of them reach
     */
    public function take(string $connector, float $missing): ?array
    {
        $stock = $this->stock($connector);
        for ($number = 1; $number <= self::MOST_PER_RUN; $number++) {
            $best = self::least($stock, $number, $missing);
            if ($best !== null) {
                foreach ($best as $length) {
                    $this->use($connector, $length);
                }

                return $best;
            }
        }

        return null;
    }

    /** @return list<array{float, int}> length and quantity, shortest first */
    private function stock(string $connector): array
    {
        $stock = [];
        foreach ($this->leads as $lead) {
            if ($lead->connector === $connector && $lead->quantity > 0) {
                $key = (string) $lead->length;
                $stock[$key] = [$lead->length, ($stock[$key][1] ?? 0) + $lead->quantity];
            }
        }
        usort($stock, fn (array $a, array $b) => $a[0] <=> $b[0]);

        return $stock;
    }

    /**
     * So many leads that close a gap with the least total. The longest is tried downwards, until as many of it no longer
     * reach, or nothing is left over. The shortest of them is looked for from where it was for the last pair: as the
     * others get shorter it can only be longer.
     *
     * @param  list<array{float, int}>  $stock
     * @param  int  $taken of which length one is taken already; -1 while none is. No longer one is looked at after it
     * @return list<float>|null longest first
     */
    private static function least(array $stock, int $number, float $missing, int $longest = PHP_INT_MAX, int $taken = -1): ?array
    {
        $best = null;
        $shortest = 0;
        for ($i = min($longest, count($stock) - 1); $i >= 0; $i--) {
            [$length, $quantity] = $stock[$i];
            if (Tolerance::below($number * $length, $missing)) {
                break;
            }
            $rest = $missing - $length;
            $set = match ($number) {
                1 => Tolerance::atMost($rest, 0.0) ? [$length] : null,
                2 => self::withShortest($stock, $i, $quantity - ($i === $taken ? 1 : 0), $rest, $shortest),
                default => self::least($stock, $number - 1, $rest, $quantity > 1 ? $i : $i - 1, $i),
            };
            $set = $set === null || count($set) === $number ? $set : [$length, ...$set];
            if ($set !== null && ($best === null || self::isBetter($set, $best))) {
                $best = $set;
            }
            if ($best !== null && Tolerance::atMost(array_sum($best), $missing)) {
                break;
            }
        }

        return $best;
    }

    /**
     * @param  list<array{float, int}>  $stock
     * @param  int  $left how many there are of the longer one
     * @return list<float>|null
     */
    private static function withShortest(array $stock, int $i, int $left, float $rest, int &$shortest): ?array
    {
        while ($shortest < $i && Tolerance::below($stock[$shortest][0], $rest)) {
            $shortest++;
        }
        $reaches = $shortest <= $i && Tolerance::atLeast($stock[$shortest][0], $rest);

        return $reaches && ($shortest < $i || $left > 1) ? [$stock[$i][0], $stock[$shortest][0]] : null;
    }

    /**
     * @param  list<float>  $set
     * @param  list<float>  $than
     */
    private static function isBetter(array $set, array $than): bool
    {
        $difference = array_sum($set) - array_sum($than);

        return abs($difference) > Tolerance::EPSILON ? $difference < 0 : $set > $than;
    }

    private function use(string $connector, float $length): void
    {
        foreach ($this->leads as $i => $lead) {
            if ($lead->connector === $connector && $lead->length === $length && $lead->quantity > 0) {
                $this->leads[$i] = new Lead($connector, $length, $lead->quantity - 1);

                return;
            }
        }
    }
}
