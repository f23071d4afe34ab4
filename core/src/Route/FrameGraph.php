<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Route;

use SplPriorityQueue;

/** The frame's places and the stretches between them. */
final readonly class FrameGraph
{
    /** @var array<array-key, list<array{string, Stretch}>> neighbours by place */
    private array $neighbours;

    /** @param  list<Stretch>  $stretches */
    public function __construct(array $stretches, private Allowances $allowances)
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
     * @param  list<string>  $forbidden
     * @return array{list<string>, float}|null places from end to end, and the cost in mm
     */
    public function shortest(string $from, string $to, array $forbidden): ?array
    {
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
            foreach ($this->neighbours[$place] ?? [] as [$neighbour, $stretch]) {
                $reached = $cost + $this->allowances->cost($stretch);
                if (! $stretch->hasAnyOf($forbidden) && $reached < ($costs[$neighbour] ?? INF)) {
                    $costs[$neighbour] = $reached;
                    $before[$neighbour] = $place;
                    $queue->insert([$neighbour, $reached], -$reached);
                }
            }
        }

        return null;
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
