<?php

declare(strict_types=1);

use NeatSpindle\Core\Fitting\Route\Allowances;
use NeatSpindle\Core\Fitting\Route\BodyHold;
use NeatSpindle\Core\Fitting\Route\Edge;
use NeatSpindle\Core\Fitting\Route\Lead;
use NeatSpindle\Core\Fitting\Route\RoutePlan;
use NeatSpindle\Core\Fitting\Route\Routing;
use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Fitting\Route\RunKind;

/*
 * How long two hundred runs take to be laid over frames that grow, as they fall and each moved past a place.
 * The best of three.
 */

require __DIR__.'/../vendor/autoload.php';

/** @return list<Edge> a frame of so many places and stretches; in two pieces when asked */
function frame(int $places, int $stretches, bool $isBroken): array
{
    mt_srand(12);
    $half = intdiv($places, 2);

    return array_map(function (int $i) use ($places, $half, $isBroken): Edge {
        $from = $i % $places;
        $to = $isBroken ? mt_rand(0, $half - 1) + ($from < $half ? 0 : $half) : mt_rand(0, $places - 1);

        return new Edge("p{$from}", "p{$to}", (float) mt_rand(0, 200));
    }, range(0, $stretches - 1));
}

/** @return list<Run> */
function runs(int $places, bool $isMoved): array
{
    $place = fn (): string => 'p'.mt_rand(0, $places - 1);

    return array_map(fn (int $i) => new Run("run-{$i}", RunKind::Signal, $place(), $place(), 10.0, 'plug', via: $isMoved ? $place() : null), range(1, 200));
}

$leads = array_map(fn (int $i) => new Lead('plug', 20.0 + $i, 100), range(0, 199));
foreach ([[12, 20], [60, 150], [300, 2_000]] as [$places, $stretches]) {
    foreach (['as they fall' => [false, false], 'each moved past a place' => [true, false], 'in two pieces, each moved' => [true, true]] as $how => [$isMoved, $isBroken]) {
        $best = INF;
        for ($round = 0; $round < 3; $round++) {
            $routing = new Routing(BodyHold::Frame, Allowances::usual(), frame($places, $stretches, $isBroken), runs($places, $isMoved), $leads);
            $start = hrtime(true);
            RoutePlan::of($routing);
            $best = min($best, (hrtime(true) - $start) / 1e6);
        }
        printf("200 runs over %4d stretches, %-28s %8.1f ms\n", $stretches, $how, $best);
    }
}
