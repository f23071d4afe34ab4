<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

use function array_slice;

/** The frame as a graph, and what has to run over it. */
final readonly class Routing
{
    /**
     * @param  list<Edge>  $edges
     * @param  list<Run>  $runs in the order they are laid
     * @param  list<Lead>  $leads
     */
    public function __construct(
        public BodyHold $rest,
        public Allowances $allowances,
        public array $edges,
        public array $runs,
        public array $leads = [],
    ) {}

    /**
     * The legs of a route as it is laid; together, dressed, they are as long as it needs.
     *
     * @return list<Leg> none where it has no way
     */
    public function legs(RunRoute $route): array
    {
        $off = $route->run->kind->keepsOff($this->rest, $route->run->avoid);
        $legs = [];
        foreach (array_slice($route->path ?? [], 1) as $i => $to) {
            $from = $route->path[$i] ?? '';
            $edge = $this->cheapest($from, $to, $off);
            $edge === null || $legs[] = new Leg($from, $to, $edge->length, $this->allowances->cost($edge) - $edge->length, $edge->tags);
        }

        return $legs;
    }

    private function cheapest(string $from, string $to, NoGo $off): ?Edge
    {
        $cheapest = null;
        foreach ($this->edges as $edge) {
            $joins = ($edge->from === $from && $edge->to === $to) || ($edge->from === $to && $edge->to === $from);
            if ($joins && ! $off->bars($edge) && ($cheapest === null || $this->allowances->cost($edge) < $this->allowances->cost($cheapest))) {
                $cheapest = $edge;
            }
        }

        return $cheapest;
    }
}
