<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

use SplPriorityQueue;

use function in_array;

/** The frame's places and the stretches between them. */
final class FrameGraph
{
    /** @var array<array-key, list<array{string, Edge}>> neighbours by place */
    private readonly array $neighbours;

    /** @var array<string, array<array-key, list<array{string, float}>>> neighbours and costs by place, for each set of forbidden tags */
    private array $open = [];

    /** @param  list<Edge>  $stretches */
    public function __construct(array $stretches, private readonly Allowances $allowances)
    {
        $neighbours = [];
        foreach ($stretches as $stretch) {
            $neighbours[$stretch->from][] = [$stretch->to, $stretch];
            $neighbours[$stretch->to][] = [$stretch->from, $stretch];
        }
        $this->neighbours = $neighbours;
    }

    /**
     * The cheapest way that keeps off some tags, allowances included; null when there is none.
     *
     * @param  list<string>  $closed places it may not pass
     * @return array{list<string>, float}|null places from end to end, and the cost in mm
     */
    public function shortest(string $from, string $to, NoGo $off, array $closed = []): ?array
    {
        $open = $this->open[$off->key()] ??= $this->openTo($off);
        $costs = [$from => 0.0];
        $before = [];
        $queue = new SplPriorityQueue;
        $queue->insert([$from, 0.0], 0.0);
        while (! $queue->isEmpty()) {
            /** @var array{string, float} $next */
            $next = $queue->extract();
            [$place, $cost] = $next;
            if ($place === $to) {
                return [self::walkedBack($before, $from, $to), $cost];
            }
            if ($cost > $costs[$place]) {
                continue;
            }
            foreach ($open[$place] ?? [] as [$neighbour, $length]) {
                $reached = $cost + $length;
                if ($reached < ($costs[$neighbour] ?? INF) && ! in_array($neighbour, $closed, true)) {
                    $costs[$neighbour] = $reached;
                    $before[$neighbour] = $place;
                    $queue->insert([$neighbour, $reached], -$reached);
                }
            }
        }

        return null;
    }

    /**
     * The way of a run: the shortest that is allowed, past the place it was moved to and off those it was moved off.
     *
     * @return array{list<string>, float}|null
     */
    public function way(Run $run, NoGo $off): ?array
    {
        $whole = $this->shortest($run->from, $run->to, $off, $run->off);

        return $run->via === null || $whole === null || in_array($run->via, $whole[0], true)
            ? $whole
            : PassingWay::past($this->without($off, array_diff($run->off, [$run->from])), $run->via, $run->from, $run->to);
    }

    /**
     * @param  array<string>  $closed
     * @return array<array-key, list<array{string, float}>> neighbours and costs by place, closed places left out
     */
    private function without(NoGo $off, array $closed): array
    {
        $isOpen = fn (string $place): bool => ! in_array($place, $closed, true);

        return array_map(
            fn (array $ways) => array_values(array_filter($ways, fn (array $way) => $isOpen($way[0]))),
            array_filter($this->open[$off->key()] ??= $this->openTo($off), fn (int|string $place) => $isOpen((string) $place), ARRAY_FILTER_USE_KEY),
        );
    }

    /**
     * @return array<array-key, list<array{string, float}>>
     */
    private function openTo(NoGo $off): array
    {
        $open = [];
        foreach ($this->neighbours as $place => $ways) {
            foreach ($ways as [$neighbour, $stretch]) {
                if (! $off->bars($stretch)) {
                    $open[$place][] = [$neighbour, $this->allowances->cost($stretch)];
                }
            }
        }

        return $open;
    }

    /**
     * @param  array<array-key, string>  $before
     * @return list<string>
     */
    private static function walkedBack(array $before, string $from, string $to): array
    {
        $path = [$to];
        while ($path[0] !== $from) {
            array_unshift($path, $before[$path[0]]);
        }

        return $path;
    }
}
