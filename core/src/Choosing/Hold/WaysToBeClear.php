<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Hold;

use NeatSpindle\Core\Choosing\Order\Shortage;
use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Parts\Drawer\DrawerPicker;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Parts\Drawer\Span;
use NeatSpindle\Core\Sums\Margin\Verdict;

use function array_filter;
use function array_slice;
use function count;

/**
 * Sets of pieces that make one job clear by itself, with which the rule takes all of them: no piece of such a set lies idle. They are
 * looked for by their size, from the smallest that can be, as long as tries last.
 */
final class WaysToBeClear
{
    private const TRIES = 400;

    private const ENOUGH = 250;

    private const ANY = 60;

    /** So many pieces more than the fewest are worth a look. */
    private const MORE_PIECES = 6;

    /** @var list<array<int, int>> counts by kind; the smallest first */
    private array $sets = [];

    private int $knownUpTo = -1;

    private int $tries = self::TRIES;

    /** @var array<string, true> */
    private array $seen = [];

    private function __construct(private readonly Recipe $recipe, private readonly Kinds $kinds, private readonly int $fewest)
    {
        $this->knownUpTo = $fewest - 1;
    }

    public static function of(Recipe $recipe, Kinds $kinds): self
    {
        $fewest = FewestPieces::of($recipe, $kinds);
        $ways = new self($recipe, $kinds, $fewest->atLeast);
        if ($fewest->set === null && $fewest->isSettled) {
            $ways->knownUpTo = PHP_INT_MAX - 1;

            return $ways;
        }
        for ($more = 0; $more <= self::MORE_PIECES && $ways->tries > 0 && count($ways->sets) < self::ENOUGH; $more++) {
            $ways->fill([], [], $fewest->atLeast + $more);
            $ways->knownUpTo += $ways->tries > 0 ? 1 : 0;
        }
        foreach ([$fewest->set, $ways->servedBy([]), $ways->takenOfAny()] as $found) {
            $ways->sets === [] && $found !== null && $ways->keep($found);
        }

        return $ways;
    }

    /** @return list<array<int, int>> counts by kind; the smallest first */
    public function sets(): array
    {
        return $this->sets;
    }

    /** All sets of so many pieces, and of fewer, are among them. */
    public function knownUpTo(): int
    {
        return $this->knownUpTo;
    }

    /** @param  array<int, int>  $set */
    public function isClearWith(array $set): bool
    {
        return $this->recipe->solve(new DrawerPicker($this->kinds->drawer($set)))->verdict === Verdict::Clear;
    }

    /** Fewer pieces do not. */
    public function fewest(): int
    {
        return $this->fewest;
    }

    /**
     * What a set has to be at least so that it serves: the pieces are bought that are missing from it, as few as can be.
     *
     * @param  array<int, int>  $set
     * @return array<int, int>|null null where the job is not clear with them either
     */
    public function servedBy(array $set): ?array
    {
        $none = array_map(fn (SpacerRow $row) => new SpacerRow($row->hundredths, 0, $row->uses), $this->kinds->rows);
        foreach (Shortage::of($this->recipe, $this->kinds->drawer($set)->with($none))->purchases as $purchase) {
            $kind = $this->kinds->numbered($purchase->hundredths, $purchase->place->use());
            if ($kind === null) {
                return null;
            }
            $set[$kind] = ($set[$kind] ?? 0) + 1;
        }
        ksort($set);

        return $this->isClearWith($set) ? $set : null;
    }

    /** @return array<int, int>|null what the rule takes where there is any number of each kind; null where it is not clear so */
    private function takenOfAny(): ?array
    {
        $drawer = $this->kinds->drawer(array_map(fn () => self::ANY, $this->kinds->rows));
        $stack = $this->recipe->solve(new DrawerPicker($drawer));

        return $stack->verdict === Verdict::Clear ? array_filter(array_map(fn (SpacerRow $row) => self::ANY - $row->quantity,
            $stack->leftOf($drawer))) : null;
    }

    /**
     * @param  list<list<int>>  $sets  what is in the first places, in hundredths of a mm
     * @param  array<int, int>  $used
     * @param  int  $size  so many pieces are left for the places that follow, and all of them are used
     */
    private function fill(array $sets, array $used, int $size): void
    {
        if ($this->tries-- <= 0) {
            return;
        }
        $probe = new Probe($sets);
        $stack = $this->recipe->solve($probe);
        $next = $probe->next();
        if ($next === null) {
            $size === 0 && $stack->verdict === Verdict::Clear && $this->keep($used);

            return;
        }
        foreach ($this->setsAt($next[0], $next[1], $size) as $set) {
            $pieces = [];
            $with = $used;
            foreach ($set as $kind) {
                $pieces[] = $this->kinds->rows[$kind]->hundredths;
                $with[$kind] = ($with[$kind] ?? 0) + 1;
            }
            $this->fill([...$sets, $pieces], $with, $size - count($set));
        }
    }

    /** @param  array<int, int>  $set */
    private function keep(array $set): void
    {
        ksort($set);
        $key = serialize($set);
        if (isset($this->seen[$key])) {
            return;
        }
        $this->seen[$key] = true;
        $drawer = $this->kinds->drawer($set);
        $stack = $this->recipe->solve(new DrawerPicker($drawer));
        if ($stack->verdict === Verdict::Clear && array_filter($stack->leftOf($drawer), fn (SpacerRow $row) => $row->quantity > 0) === []) {
            $this->sets[] = $set;
        }
    }

    /** @return iterable<list<int>> kinds whose pieces fill a place, at most so many pieces */
    private function setsAt(Place $place, Span $span, int $most): iterable
    {
        return $span->low > $span->high ? [] : $this->adding($this->kinds->servingAt($place), $span, 0, $most);
    }

    /**
     * @param  list<int>  $kinds  that may still be added, thickest first
     * @return iterable<list<int>>
     */
    private function adding(array $kinds, Span $span, int $sum, int $most): iterable
    {
        if ($span->holds($sum)) {
            yield [];
        }
        if ($most === 0) {
            return;
        }
        foreach ($kinds as $i => $kind) {
            $thickness = $this->kinds->rows[$kind]->hundredths;
            if ($sum + $most * $thickness < $span->low) {
                return;
            }
            if ($sum + $thickness > $span->high) {
                continue;
            }
            foreach ($this->adding(array_slice($kinds, $i), $span, $sum + $thickness, $most - 1) as $more) {
                yield [$kind, ...$more];
            }
        }
    }
}
