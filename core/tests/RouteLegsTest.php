<?php

declare(strict_types=1);

use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Fitting\Route\Allowances;
use NeatSpindle\Core\Fitting\Route\BodyHold;
use NeatSpindle\Core\Fitting\Route\Edge;
use NeatSpindle\Core\Fitting\Route\FrameGraph;
use NeatSpindle\Core\Fitting\Route\Lead;
use NeatSpindle\Core\Fitting\Route\Leg;
use NeatSpindle\Core\Fitting\Route\NoGo;
use NeatSpindle\Core\Fitting\Route\RoutePlan;
use NeatSpindle\Core\Fitting\Route\RouteVerdict;
use NeatSpindle\Core\Fitting\Route\Routing;
use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Fitting\Route\RunKind;
use NeatSpindle\Core\Fitting\Route\RunRoute;
use NeatSpindle\Core\Measuring\Frame\Crossings;
use NeatSpindle\Core\Measuring\Frame\Direction;
use NeatSpindle\Core\Measuring\Frame\Kind\KindWays;
use NeatSpindle\Core\Measuring\Frame\OwnStretch;
use NeatSpindle\Core\Measuring\Frame\Point;

/** @param  list<Run>  $runs */
function anyRouting(array $runs, BodyHold $rest = BodyHold::Frame): Routing
{
    $places = ['a', 'b', 'c', 'd', 'e', 'f'];
    $tags = [[], [], [], ['steering'], ['pivot'], ['pinch'], ['steering', 'pivot'], ['inside_tube']];
    $edges = [];
    for ($i = 0; $i < 14; $i++) {
        $edges[] = new Edge($places[mt_rand(0, 5)], $places[mt_rand(0, 5)], (float) mt_rand(0, 600), $tags[mt_rand(0, 7)]);
    }
    $leads = array_map(fn () => new Lead('x', (float) mt_rand(50, 400), mt_rand(0, 2)), range(1, 5));

    return new Routing($rest, new Allowances(mt_rand(0, 100), mt_rand(0, 50), mt_rand(0, 8)), $edges, $runs, $leads);
}

function anyRun(float $supply): Run
{
    return new Run('run', RunKind::Signal, 'a', 'f', $supply, 'x');
}

it('draws legs that are, dressed, as long as is printed', function (): void {
    mt_srand(77);
    $laid = 0;
    for ($round = 0; $round < 500; $round++) {
        $routing = anyRouting([anyRun(300.0)], $round % 2 === 0 ? BodyHold::Frame : BodyHold::Clamped);
        $route = RoutePlan::of($routing)->routes[0];
        $legs = $routing->legs($route);
        $long = array_sum(array_map(fn (Leg $leg) => $leg->length + $leg->slack, $legs));
        expect($routing->allowances->dressed($long))->toEqualWithDelta($route->needed ?? 0.0, 1e-6)
            ->and(count($legs))->toBe(max(0, count($route->path ?? []) - 1));
        $laid += $route->path === null ? 0 : 1;
    }
    expect($laid)->toBeGreaterThan(150);
});

it('ties a leg at its spacing, and none where it moves or lies inside a tube', function (
    float $length, float $slack, array $tags, int $ties
): void {
    expect((new Leg('a', 'b', $length, $slack, $tags))->ties())->toBe($ties);
})->with([
    [129.0, 0.0, [], 0], [130.0, 0.0, [], 1], [400.0, 0.0, ['underside'], 3], [400.0, 80.0, ['steering'], 0],
    [400.0, 0.0, ['inside_tube'], 0],
]);

it('is never worse for a longer supply', function (): void {
    mt_srand(78);
    $rank = fn (RunRoute $route): int => match ($route->verdict) {
        RouteVerdict::Reaches => 0,
        RouteVerdict::NeedsExtension => 1,
        RouteVerdict::TooShort => 2,
        RouteVerdict::NoRoute => 3,
    };
    $better = 0;
    for ($round = 0; $round < 600; $round++) {
        $seed = mt_rand();
        $supply = (float) mt_rand(0, 900);
        $routes = [];
        foreach ([$supply, $supply + mt_rand(1, 300)] as $own) {
            mt_srand($seed);
            $routes[] = RoutePlan::of(anyRouting([anyRun($own)]))->routes[0];
        }
        [$short, $long] = $routes;
        expect($rank($long))->toBeLessThanOrEqual($rank($short))->and($long->path)->toBe($short->path)
            ->and(
                $short->extensions === null || $long->verdict === RouteVerdict::TooShort
                    || count($long->extensions ?? []) <= count($short->extensions),
            )
            ->toBeTrue()
            ->and(
                $long->extensions === null || $short->extensions === null || count($long->extensions) < count($short->extensions)
                    || array_sum($long->extensions) <= array_sum($short->extensions) + 1e-9,
            )
            ->toBeTrue();
        $better += $rank($long) < $rank($short) ? 1 : 0;
    }
    expect($better)->toBeGreaterThan(30);
});

it('answers a graph in two pieces, a stretch of nothing and a plug nobody has', function (): void {
    $routing = new Routing(BodyHold::Frame, Allowances::usual(), [new Edge('a', 'b', 0.0), new Edge('c', 'd', 100.0)], [
        new Run('apart', RunKind::Signal, 'a', 'd', 5_000.0, 'x'), new Run('nothing', RunKind::Signal, 'a', 'b', 0.0, 'x'),
        new Run('home', RunKind::Signal, 'a', 'a', 0.0, 'x'), new Run('odd', RunKind::Signal, 'c', 'd', 10.0, 'nobody-has-it'),
    ], [new Lead('x', 500.0, 3)]);
    expect(array_map(fn (RunRoute $route) => $route->verdict, RoutePlan::of($routing)->routes))
        ->toBe([RouteVerdict::NoRoute, RouteVerdict::Reaches, RouteVerdict::Reaches, RouteVerdict::TooShort]);
});

it('takes ways of one’s own, and leaves out what hangs on nothing', function (BikeKind $kind): void {
    $ways = KindWays::of(
        $kind, ['bar_to_head' => 250.0, 'down_tube' => 640.0, 'boom_length' => 400.0, 'wheelbase' => 1100.0, 'chainstay_length' => 440.0],
    );
    $own = $ways->with([
        new OwnStretch(
            'motor', 'pannier', 210.0, ['underside'], Direction::Back,
        ), new OwnStretch('pannier', 'lamp-third', 300.0, [], Direction::Up),
        new OwnStretch('nowhere', 'elsewhere', 100.0, [], Direction::Front),
    ]);
    $graph = new FrameGraph($own->edges(), Allowances::usual());
    expect($graph->shortest('motor', 'lamp-third', NoGo::nothing()))->toEqual([['motor', 'pannier', 'lamp-third'], 510.0])
        ->and(isset($own->places['elsewhere']))->toBeFalse()
        ->and($own->place('pannier')->x)->toBeLessThan($own->place('motor')->x)
        ->and($own->place('lamp-third')->y)->toBeGreaterThan($own->place('pannier')->y)
        ->and($ways->with([]))->toBe($ways)->and(isset($ways->places['pannier']))->toBeFalse();
})->with(BikeKind::cases());

it('marks where lines cross, and not where they touch', function (): void {
    $line = fn (array ...$points): array => array_values(array_map(fn (array $at) => new Point((float) $at[0], (float) $at[1]), $points));
    expect(Crossings::of([$line([0, 0], [100, 100]), $line([0, 100], [100, 0])]))->toEqual([new Point(50.0, 50.0)])
        ->and(Crossings::of([$line([0, 0], [100, 0]), $line([0, 10], [100, 10])]))->toBe([])
        ->and(Crossings::of([$line([0, 0], [100, 0]), $line([100, 0], [100, 50])]))->toBe([])
        ->and(Crossings::of([$line([0, 0], [100, 0])]))->toBe([])
        ->and(Crossings::of([$line([0, 0], [100, 0], [100, 100]), $line([50, -50], [50, 50], [150, 50])]))->toHaveCount(2);
});
