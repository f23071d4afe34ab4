<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Schedule;

use function array_column;
use function array_filter;
use function array_values;
use function count;
use function max;
use function min;

/** When bikes hang in the stands, of which there are so many; null: as many as are wanted. */
final class Stands
{
    /** @var list<array{int, int}> from when to when, the end not included */
    private array $taken = [];

    public function __construct(private readonly ?int $count) {}

    /** Whether one is free all the time; otherwise when to look again, a time after the start: one that is taken then ends. */
    public function isFree(int $start, int $end): true|int
    {
        $meanwhile = array_values(array_filter($this->taken, fn (array $one) => $one[0] < $end && $one[1] > $start));

        return $this->count === null || $this->most($meanwhile, $start) < $this->count ? true : min($end, ...array_column($meanwhile, 1));
    }

    public function take(int $start, int $end): void
    {
        $this->taken[] = [$start, $end];
    }

    /**
     * How many hang at a time at the most: as somewhere one of them begins, or at the start.
     *
     * @param  list<array{int, int}>  $meanwhile
     */
    private function most(array $meanwhile, int $start): int
    {
        $most = 0;
        foreach ([[$start, $start], ...$meanwhile] as [$at]) {
            $at = max($at, $start);
            $most = max($most, count(array_filter($meanwhile, fn (array $one) => $one[0] <= $at && $one[1] > $at)));
        }

        return $most;
    }
}
