<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

use NeatSpindle\Core\Ground\Measure\Tolerance;

/** Every run with the way it takes, in order, the drawer's leads used up as they are needed. */
final readonly class RoutePlan
{
    /** @param  list<RunRoute>  $routes */
    private function __construct(public array $routes) {}

    public static function of(Routing $routing): self
    {
        $graph = new FrameGraph($routing->edges, $routing->allowances);
        $drawer = new LeadDrawer($routing->leads);

        return new self(array_map(
            fn (Run $run) => self::route($run, $routing, $graph, $drawer),
            $routing->runs,
        ));
    }

    private static function route(Run $run, Routing $routing, FrameGraph $graph, LeadDrawer $drawer): RunRoute
    {
        $way = $graph->way($run, $run->kind->keepsOff($routing->rest, $run->avoid));
        if ($way === null) {
            return RunRoute::none($run);
        }
        [$path, $length] = $way;
        $needed = $routing->allowances->dressed($length);
        if (Tolerance::atLeast($run->supply, $needed)) {
            return RunRoute::reaching($run, $path, $needed, null);
        }
        $extensions = $drawer->take($run->connector, $needed - $run->supply);

        return $extensions === null
            ? RunRoute::tooShort($run, $path, $needed)
            : RunRoute::reaching($run, $path, $needed, $extensions);
    }
}
