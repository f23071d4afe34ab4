<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Route;

use NeatSpindle\Core\Measure\Tolerance;

use function array_slice;
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
        $best = null;
        foreach ($this->sets($connector) as $set) {
            $rank = [count($set), array_sum($set)];
            if (Tolerance::atLeast($rank[1], $missing) && ($best === null || self::isBetter($set, $best))) {
                $best = $set;
            }
        }
        foreach ($best ?? [] as $length) {
            $this->use($connector, $length);
        }

        return $best;
    }

    /**
     * @param  list<float>  $set
     * @param  list<float>  $than
     */
    private static function isBetter(array $set, array $than): bool
    {
        return match (true) {
            count($set) !== count($than) => count($set) < count($than),
            abs(array_sum($set) - array_sum($than)) > Tolerance::EPSILON => array_sum($set) < array_sum($than),
            default => $set > $than,
        };
    }

    /**
     * Every set of one to three leads of a connector, each longest first.
     *
     * @return iterable<list<float>>
     */
    private function sets(string $connector): iterable
    {
        $pieces = [];
        foreach ($this->leads as $lead) {
            if ($lead->connector === $connector) {
                array_push($pieces, ...array_fill(0, min($lead->quantity, self::MOST_PER_RUN), $lead->length));
            }
        }
        rsort($pieces);
        foreach ($pieces as $i => $first) {
            yield [$first];
            foreach (array_slice($pieces, $i + 1, null, true) as $j => $second) {
                yield [$first, $second];
                foreach (array_slice($pieces, $j + 1) as $third) {
                    yield [$first, $second, $third];
                }
            }
        }
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
