<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

use LogicException;
use SplPriorityQueue;

use function array_slice;
use function count;

/**
 * The cheapest way from end to end that passes a place and meets no place twice.
 *
 * Two ways from the place, one to each end, that share nothing else: the second is looked for with the first one's
 * stretches given back, so that it may change the first (Suurballe and Tarjan, A quick method for finding shortest
 * pairs of disjoint paths, 1984; places have an entry and an exit, so that places and not only stretches are taken once).
 */
final class PassingWay
{
    private const BOTH = 2;

    private const END = -1;

    /** @var array<array-key, int> */
    private array $numbers = [];

    /** @var list<array{int, float}> where each arc leads and what it costs; an arc's way back stands beside it */
    private array $arcs = [];

    /** @var array<int, bool> whether an arc is free */
    private array $free = [];

    /** @var array<int, list<int>> arcs that leave an entry (even) or an exit (odd) */
    private array $leaving = [];

    /** @param  array<array-key, list<array{string, float}>>  $open neighbours and costs by place */
    private function __construct(array $open, private readonly string $via, string $from, string $to)
    {
        foreach ($open as $place => $ways) {
            foreach ($ways as [$neighbour, $cost]) {
                $this->arc($this->exit((string) $place), $this->exit($neighbour) - 1, $cost);
            }
        }
        $this->arc($this->exit($from), self::END, 0.0);
        $this->arc($this->exit($to), self::END, 0.0);
    }

    /**
     * @param  array<array-key, list<array{string, float}>>  $open neighbours and costs by place, closed places left out
     * @return array{list<string>, float}|null places from end to end, and the cost in mm
     */
    public static function past(array $open, string $via, string $from, string $to): ?array
    {
        $ways = new self($open, $via, $from, $to);
        $known = [];
        for ($way = 0; $way < self::BOTH; $way++) {
            $found = $ways->search($known);
            if ($found === null) {
                return null;
            }
            $known = $found;
        }
        $legs = [$ways->leg(), $ways->leg()];
        [$there, $back] = end($legs[0][0]) === $from ? $legs : [$legs[1], $legs[0]];

        return [[...array_reverse($there[0]), ...array_slice($back[0], 1)], $there[1] + $back[1]];
    }

    /** The number of a place's exit; its entry is one less. */
    private function exit(string $place): int
    {
        if (! isset($this->numbers[$place])) {
            $this->numbers[$place] = 2 * count($this->numbers) + 1;
            $this->arc($this->numbers[$place] - 1, $this->numbers[$place], 0.0);
        }

        return $this->numbers[$place];
    }

    private function arc(int $leaves, int $leads, float $cost): void
    {
        $this->leaving[$leaves][] = count($this->arcs);
        $this->free[count($this->arcs)] = true;
        $this->arcs[] = [$leads, $cost];
        $this->leaving[$leads][] = count($this->arcs);
        $this->free[count($this->arcs)] = false;
        $this->arcs[] = [$leaves, -$cost];
    }

    /**
     * Takes the cheapest way from the place to an end over what is free, and gives its stretches back.
     *
     * @param  array<int, float>  $known what it cost to reach each before
     * @return array<int, float>|null what it costs now; null where no end is reached
     */
    private function search(array $known): ?array
    {
        $start = $this->exit($this->via);
        [$costs, $by, $done] = [[$start => 0.0], [], []];
        $queue = new SplPriorityQueue;
        $queue->insert($start, 0.0);
        while (! $queue->isEmpty()) {
            /** @var int $at */
            $at = $queue->extract();
            if ($at === self::END) {
                break;
            }
            if (isset($done[$at])) {
                continue;
            }
            $done[$at] = true;
            foreach ($this->leaving[$at] ?? [] as $arc) {
                [$leads, $cost] = $this->arcs[$arc];
                $reached = $costs[$at] + max(0.0, $cost + ($known[$at] ?? 0.0) - ($known[$leads] ?? 0.0));
                if ($this->free[$arc] && ! isset($done[$leads]) && $reached < ($costs[$leads] ?? INF)) {
                    [$costs[$leads], $by[$leads]] = [$reached, $arc];
                    $queue->insert($leads, -$reached);
                }
            }
        }
        if (! isset($by[self::END])) {
            return null;
        }
        for ($at = self::END; $at !== $start; $at = $this->arcs[$by[$at] ^ 1][0]) {
            $this->free[$by[$at]] = false;
            $this->free[$by[$at] ^ 1] = true;
        }
        $most = $costs[self::END];

        return array_map(fn (float $cost) => min($cost, $most) - $most, $costs);
    }

    /** @return array{list<string>, float} one of the ways that were taken, from the place on, used up as it is walked */
    private function leg(): array
    {
        $names = array_flip($this->numbers);
        [$at, $places, $length] = [$this->exit($this->via), [$this->via], 0.0];
        while ($at !== self::END) {
            $arc = $this->taken($at);
            $this->free[$arc] = true;
            [$at, $cost] = $this->arcs[$arc];
            $length += $cost;
            $places = $at % 2 === 1 && $at !== self::END ? [...$places, (string) $names[$at]] : $places;
        }

        return [$places, $length];
    }

    /** An arc that one of the ways takes on from here. */
    private function taken(int $at): int
    {
        foreach ($this->leaving[$at] as $arc) {
            if ($arc % 2 === 0 && ! $this->free[$arc]) {
                return $arc;
            }
        }
        throw new LogicException('A way that was taken goes on to its end.');
    }
}
