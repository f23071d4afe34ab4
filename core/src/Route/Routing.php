<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Route;

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
}
