<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Route;

/** The frame as a graph, and what has to run over it. */
final readonly class Routing
{
    /**
     * @param  list<Stretch>  $stretches
     * @param  list<Run>  $runs in the order they are laid
     * @param  list<Lead>  $leads
     */
    public function __construct(
        public Rest $rest,
        public Allowances $allowances,
        public array $stretches,
        public array $runs,
        public array $leads = [],
    ) {}
}
