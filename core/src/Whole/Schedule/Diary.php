<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Schedule;

use function array_splice;
use function count;
use function intdiv;

/** What one person's working minutes are taken for: blocks of their numbers, sorted, grown together where they touch. */
final class Diary
{
    /** @var list<int> */
    private array $starts = [];

    /** @var list<int> of each the number after its last */
    private array $ends = [];

    /**
     * Between which numbers so many were found not to be free in a row. What was taken stays taken, so that it holds from
     * then on: small gaps that nothing fits into any more are not looked through again and again.
     *
     * @var array<int, array{int, int}> by how many
     */
    private array $full = [];

    public function __construct(public readonly WorkingTime $time) {}

    /** The first number from which on so many are free in a row, not before a given one; null when there are not so many. */
    public function earliest(int $from, int $minutes): ?int
    {
        [$since, $until] = $this->full[$minutes] ?? [$from, $from];
        $isInside = $from >= $since && $from <= $until;
        $at = $this->freeFrom($isInside ? $until : $from, $minutes);
        if ($isInside || ($from < $since && $at >= $since)) {
            $this->full[$minutes] = [min($from, $since), max($at, $until)];
        }

        return $at + $minutes <= $this->time->total ? $at : null;
    }

    private function freeFrom(int $from, int $minutes): int
    {
        $at = $from;
        for ($i = $this->firstEndingAfter($from); $i < count($this->starts); $i++) {
            if ($minutes <= $this->starts[$i] - $at) {
                break;
            }
            $at = $this->ends[$i] > $at ? $this->ends[$i] : $at;
        }

        return $at;
    }

    public function take(int $from, int $minutes): void
    {
        $i = $this->firstEndingAfter($from);
        $touchesBefore = $i > 0 && $this->ends[$i - 1] === $from;
        $touchesNext = $i < count($this->starts) && $this->starts[$i] === $from + $minutes;
        match (true) {
            $touchesBefore && $touchesNext => $this->put($i - 1, 2, $this->starts[$i - 1], $this->ends[$i]),
            $touchesBefore => $this->put($i - 1, 1, $this->starts[$i - 1], $from + $minutes),
            $touchesNext => $this->put($i, 1, $from, $this->ends[$i]),
            default => $this->put($i, 0, $from, $from + $minutes),
        };
    }

    /** How many of the numbers between two are taken. */
    public function takenBetween(int $from, int $to): int
    {
        $taken = 0;
        for ($i = $this->firstEndingAfter($from); $i < count($this->starts) && $this->starts[$i] < $to; $i++) {
            $taken += min($this->ends[$i], $to) - max($this->starts[$i], $from);
        }

        return $taken;
    }

    /** One block in the place of so many. */
    private function put(int $at, int $instead, int $from, int $to): void
    {
        array_splice($this->starts, $at, $instead, [$from]);
        array_splice($this->ends, $at, $instead, [$to]);
    }

    private function firstEndingAfter(int $number): int
    {
        [$low, $high] = [0, count($this->ends)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->ends[$middle] <= $number) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }
}
