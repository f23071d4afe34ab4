<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Hold;

use LogicException;
use SplPriorityQueue;

use function array_filter;
use function array_slice;
use function array_values;
use function count;
use function max;
use function min;
use function serialize;
use function usort;

/**
 * The smallest set that holds, for enough jobs, one of the sets that make each clear.
 *
 * First one is grown, piece by piece where a piece serves most, and pruned. Then every smaller one is looked for, the most promising
 * first: job after job, those that need most first, each is either given one of its sets or left out, as long as enough remain.
 * Of what a beginning can come to at the least two things are known: it keeps what it has, and the needs of the job that must not be
 * left out. The least of that over all beginnings that were not followed is proven.
 */
final class HoldSearch
{
    /** So many beginnings are weighed. */
    private const BEGINNINGS = 40_000;

    /** So many sets are tried at the end. */
    private const ALL = 4_000;

    /** So many steps are weighed against each other while a set is grown. */
    private const WEIGHED = 25;

    /** @var list<WaysToBeClear> those that can be clear, that need most pieces first */
    private readonly array $jobs;

    private readonly int $spare;

    /** @param  list<WaysToBeClear>  $all */
    public function __construct(private readonly Kinds $kinds, private readonly array $all, private readonly int $wanted)
    {
        $jobs = array_values(array_filter($all, fn (WaysToBeClear $job) => $job->sets() !== []));
        usort($jobs, fn (WaysToBeClear $a, WaysToBeClear $b) => $b->fewest() <=> $a->fewest());
        $this->jobs = $jobs;
        $this->spare = count($jobs) - $wanted;
    }

    /**
     * How many jobs are clear with a set, by their own stacks.
     *
     * @param  array<int, int>  $set
     */
    public function clearWith(array $set): int
    {
        return count($this->all) - count($this->openWith($set, $this->all));
    }

    /** @return array{array<int, int>, int} the set, and how few pieces do at the least: that is proven */
    public function smallest(): array
    {
        $best = $this->pruned($this->grown());
        while (($fewer = $this->twoForOne($best)) !== null) {
            $best = $this->pruned($fewer);
        }
        [$better, $atLeast] = $this->betterThan($best);

        return $this->byTryingAll($better ?? $best, min($atLeast, Kinds::size($better ?? $best)));
    }

    /**
     * Where there are few sets between what is proven and what was found, each of them is tried.
     *
     * @param  array<int, int>  $best
     * @return array{array<int, int>, int}
     */
    private function byTryingAll(array $best, int $atLeast): array
    {
        $tries = self::ALL;
        for ($size = $atLeast; $size < Kinds::size($best); $size++) {
            foreach ($this->kinds->sets($size) as $set) {
                if ($tries-- === 0) {
                    return [$best, $size];
                }
                if ($this->isEnough($set)) {
                    return [$set, $size];
                }
            }
        }

        return [$best, Kinds::size($best)];
    }

    /** @return array<int, int> */
    private function grown(): array
    {
        $set = [];
        while (count($open = $this->openWith($set, $this->jobs)) > $this->spare) {
            $best = null;
            foreach ($this->steps($set, $open) as [$with, $more]) {
                $serves = (count($open) - count($this->openWith($with, $open))) / $more;
                if ($best === null || $serves > $best[1]) {
                    $best = [$with, $serves];
                }
            }
            $set = $best[0] ?? throw new LogicException('Every job there can be clear with some set.');
        }

        return $set;
    }

    /**
     * What a set may become so that one job more is clear, with the fewest pieces more.
     *
     * @param  array<int, int>  $set
     * @param  list<WaysToBeClear>  $open
     * @return list<array{array<int, int>, positive-int}> each once, with how many pieces more it has
     */
    private function steps(array $set, array $open): array
    {
        $steps = [];
        foreach ($open as $job) {
            $with = $job->servedBy($set) ?? Kinds::both($set, $job->sets()[0]);
            $steps[serialize($with)] = [$with, max(1, Kinds::size($with) - Kinds::size($set))];
        }
        usort($steps, fn (array $a, array $b) => $a[1] <=> $b[1]);

        return array_slice($steps, 0, self::WEIGHED);
    }

    /**
     * @param  array<int, int>  $set
     * @param  list<WaysToBeClear>  $among
     * @return list<WaysToBeClear> that are not clear with it
     */
    private function openWith(array $set, array $among): array
    {
        return array_values(array_filter($among, fn (WaysToBeClear $job) => ! $job->isClearWith($set)));
    }

    /** @param  array<int, int>  $set */
    private function isEnough(array $set): bool
    {
        $spare = $this->spare;
        foreach ($this->jobs as $job) {
            if (! $job->isClearWith($set) && $spare-- === 0) {
                return false;
            }
        }

        return true;
    }

    /**
     * Without any piece that can be left out.
     *
     * @param  array<int, int>  $set
     * @return array<int, int>
     */
    private function pruned(array $set): array
    {
        foreach (array_keys($set) as $kind) {
            while (isset($set[$kind]) && $this->isEnough($fewer = self::less($set, $kind))) {
                $set = $fewer;
            }
        }

        return $set;
    }

    /**
     * With two pieces out and another in.
     *
     * @param  array<int, int>  $set
     * @return array<int, int>|null null where that is never enough
     */
    private function twoForOne(array $set): ?array
    {
        foreach (array_keys($set) as $first) {
            $one = self::less($set, $first);
            foreach (array_filter(array_keys($one), fn (int $kind) => $kind >= $first) as $second) {
                $two = self::less($one, $second);
                foreach (array_keys($this->kinds->rows) as $kind) {
                    $with = Kinds::both($two, [$kind => ($two[$kind] ?? 0) + 1]);
                    if ($kind !== $first && $kind !== $second && $this->isEnough($with)) {
                        return $with;
                    }
                }
            }
        }

        return null;
    }

    /**
     * @param  array<int, int>  $set
     * @return array<int, int>
     */
    private static function less(array $set, int $kind): array
    {
        $set[$kind]--;

        return array_filter($set);
    }

    /**
     * Whether one of the sets that make a job clear is within.
     *
     * @param  array<int, int>  $set
     */
    private static function holdsFor(WaysToBeClear $job, array $set): bool
    {
        foreach ($job->sets() as $one) {
            if (Kinds::isWithin($one, $set)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<int, int>  $best
     * @return array{array<int, int>|null, int} a smaller set, none where there is none; and the bound
     */
    private function betterThan(array $best): array
    {
        $size = Kinds::size($best);
        $known = $this->knownUpTo();
        $queue = new SplPriorityQueue;
        $seen = [];
        $push = function (array $set, int $at, int $spare) use ($queue, $size, &$seen): void {
            /** @var array<int, int> $set */
            $bound = max(Kinds::size($set), isset($this->jobs[$at + $spare]) ? $this->jobs[$at + $spare]->fewest() : 0);
            $key = hash('xxh128', serialize([$set, $at, $spare]), true);
            if ($bound < $size && ! isset($seen[$key])) {
                $seen[$key] = true;
                $queue->insert([$set, $at, $spare, $bound], [-$bound, $at]);
            }
        };
        $push([], 0, $this->spare);
        while (! $queue->isEmpty()) {
            /** @var array{array<int, int>, int, int, int} $next */
            $next = $queue->extract();
            [$set, $at, $spare, $bound] = $next;
            $isWhole = ! isset($this->jobs[$at]);
            if ($isWhole || count($seen) > self::BEGINNINGS) {
                return [$isWhole && $this->clearWith($set) >= $this->wanted ? $set : null, min($bound, $known + 1)];
            }
            if (self::holdsFor($this->jobs[$at], $set)) {
                $push($set, $at + 1, $spare);

                continue;
            }
            foreach ($this->jobs[$at]->sets() as $one) {
                $push(Kinds::both($set, $one), $at + 1, $spare);
            }
            $spare > 0 && $push($set, $at + 1, $spare - 1);
        }

        return [null, min($size, $known + 1)];
    }

    /** Of every job all sets of so many pieces are known. */
    private function knownUpTo(): int
    {
        return $this->all === [] ? PHP_INT_MAX - 1 : min(array_map(fn (WaysToBeClear $job) => $job->knownUpTo(), $this->all));
    }
}
