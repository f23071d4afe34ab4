<?php

declare(strict_types=1);

use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Fitting\Route\Allowances;
use NeatSpindle\Core\Fitting\Route\BodyHold;
use NeatSpindle\Core\Fitting\Route\Edge;
use NeatSpindle\Core\Fitting\Route\FrameGraph;
use NeatSpindle\Core\Fitting\Route\RoutePlan;
use NeatSpindle\Core\Fitting\Route\Routing;
use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Fitting\Route\RunKind;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Holding\Catalogue\Mounts;
use NeatSpindle\Core\Measuring\Frame\BikeShape;
use NeatSpindle\Core\Measuring\Frame\CloseViews;
use NeatSpindle\Core\Measuring\Frame\Kind\KindWays;
use NeatSpindle\Core\Measuring\Frame\Kind\Shapes;
use NeatSpindle\Core\Measuring\Frame\LeaderLayout;
use NeatSpindle\Core\Measuring\Frame\Point;
use NeatSpindle\Core\Measuring\Survey\EarlyWidth;
use NeatSpindle\Core\Measuring\Survey\Need;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\SpotKind;
use NeatSpindle\Core\Measuring\Survey\SpotWords;
use NeatSpindle\Core\Measuring\Survey\SurveyPlan;
use NeatSpindle\Core\Measuring\Survey\Walk;
use NeatSpindle\Core\Sums\Margin\Source;

/** Two very different sets of measures. */
const SMALL = [
    'chainstay_length' => 400.0, 'seat_tube' => 360.0, 'top_tube' => 500.0, 'wheel' => 1600.0, 'wheelbase' => 950.0,
    'front_wheel' => 1250.0, 'boom_length' => 300.0, 'boom_diameter' => 40.0,
];
const LARGE = [
    'chainstay_length' => 520.0, 'seat_tube' => 620.0, 'top_tube' => 640.0, 'wheel' => 2350.0, 'wheelbase' => 1500.0,
    'front_wheel' => 2100.0, 'boom_length' => 600.0, 'boom_diameter' => 70.0,
];

/** Whether two stretches cross, their ends not counted. */
function doCross(Point $a, Point $b, Point $c, Point $d): bool
{
    $side = fn (Point $p, Point $q, Point $r): float => ($q->x - $p->x) * ($r->y - $p->y) - ($q->y - $p->y) * ($r->x - $p->x);

    return $side($a, $b, $c) * $side($a, $b, $d) < -1e-6 && $side($c, $d, $a) * $side($c, $d, $b) < -1e-6;
}

it('hands out places on a border so that no leader crosses another', function (): void {
    mt_srand(20261126);
    $places = [
        ...array_map(fn (int $i) => new Point($i * 60.0, 0.0), range(0, 9)),
        ...array_map(fn (int $i) => new Point($i * 60.0, 300.0), range(0, 9)),
    ];
    for ($round = 0; $round < 300; $round++) {
        $points = [];
        for ($i = 0; $i < 9; $i++) {
            $points["p{$i}"] = new Point(mt_rand(50, 500), mt_rand(60, 240));
        }
        $hung = LeaderLayout::of($points, $places);
        expect(count(array_unique(array_map(fn (Point $p) => "{$p->x} {$p->y}", $hung))))->toBe(9);
        foreach ($points as $one => $from) {
            foreach ($points as $other => $and) {
                expect($one < $other && doCross($from, $hung[$one], $and, $hung[$other]))->toBeFalse("round {$round}: {$one} and {$other}");
            }
        }
    }
});

it('puts every spot into one region, at most nine there, and each inside what its close-up shows', function (BikeKind $kind, array $measures): void {
    $views = new CloseViews(Shapes::of($kind, $measures), $measures, null, SurveyPlan::hasStay($kind));
    foreach (Mounts::all() as $mount) {
        $walk = new Walk(SurveyPlan::for($kind, $mount->spots()), [], true);
        expect(array_merge(...array_map($walk->in(...), $walk->regions())))->toHaveCount(count($walk->spots));
        foreach ($walk->regions() as $region) {
            $extent = $views->of($region)->extent;
            expect(count($walk->in($region)))->toBeLessThanOrEqual(9);
            foreach ($walk->in($region) as $spot) {
                $point = $views->of($region)->point($spot->value);
                expect($point->x)->toBeGreaterThanOrEqual($extent['left'])->toBeLessThanOrEqual($extent['right'])
                    ->and($point->y)->toBeGreaterThanOrEqual($extent['bottom'] - 1)->toBeLessThanOrEqual($extent['top'] + 1);
            }
        }
    }
})->with(BikeKind::cases())->with(['typical' => [[]], 'small' => [SMALL], 'large' => [LARGE]]);

it('asks first what this job needs before the strip, then the bare shell, then what leads need', function (): void {
    $spots = SurveyPlan::for(BikeKind::Diamond);
    $known = [];
    $asked = [];
    while (($next = (new Walk($spots, $known, false))->next(end($known) ?: null)) !== null) {
        $asked[] = $next->value;
        $known[] = $next;
    }
    expect($asked)->toBe([
        'crank_kind', 'bracket_kind', 'guide_depth', 'chainstay_length', 'over_locknuts', 'cog_inset', 'cogs', 'cog_pitch', 'wheel',
    ]);
    // Cup, ring and crank cover the drive face: what is laid on it waits for the bare shell.
    while (($next = (new Walk($spots, $known, true))->next($next)) !== null) {
        $bare[] = $next->value;
        $known[] = $next;
    }
    expect($bare ?? [])->toBe(['stay_45', 'stay_64', 'stay_80', 'stay_112', 'shell_width'])
        ->and((new Walk($spots, $known, true, [Spot::ShellBore]))->next()?->value)->toBe('shell_bore')
        ->and((new Walk($spots, $known, true, isChosen: true))->next()?->value)->toBe('down_tube')
        ->and((new Walk($spots, $known, false))->need(Spot::StayLook))->toBeNull();
});

it('goes on beside a spot that is only offered, and round to what is needed from one that is', function (): void {
    $walk = new Walk(SurveyPlan::for(BikeKind::Diamond), [Spot::CrankKind], false);
    expect($walk->after(Spot::SeatTube))->toBe(Spot::TopTube)
        ->and($walk->after(Spot::Wheel))->toBe(Spot::BracketKind)
        ->and($walk->need(Spot::SeatTube))->toBeNull()->and($walk->need(Spot::Stay64))->toBe(Need::Stack);
});

it('draws a kind from its measures', function (BikeKind $kind): void {
    $small = Shapes::of($kind, SMALL);
    $large = Shapes::of($kind, LARGE);
    $wheelbase = fn (BikeShape $shape) => $shape->frontWheel()->axle->x - $shape->rearWheel()->axle->x;

    expect($wheelbase($small))->toEqualWithDelta(950.0, 1e-6)
        ->and($wheelbase($large))->toEqualWithDelta(1500.0, 1e-6)
        ->and($large->rearWheel()->radius)->toEqualWithDelta(2350 / (2 * M_PI), 1e-9)
        ->and($small->ground())->toEqualWithDelta($small->frontWheel()->axle->y - $small->frontWheel()->radius, 1.0);
})->with(BikeKind::cases());

it('asks only what makes sense for a kind', function (BikeKind $kind, array $has, array $hasNot): void {
    $codes = array_column(SurveyPlan::for($kind), 'value');
    expect($codes)->toContain('shell_width', 'cups_width', 'cogs', ...$has)->and(array_intersect($codes, $hasNot))->toBe([]);
})->with([
    [BikeKind::Diamond, ['stay_64', 'down_tube'], ['boom_length', 'chain_path', 'front_wheel', 'bucket']],
    [
        BikeKind::TadpoleTrike, ['boom_length', 'boom_diameter', 'chain_path', 'front_wheel'],
        ['stay_64', 'down_tube', 'seat_tube', 'bucket'],
    ],
    [BikeKind::BoxCargo, ['guard', 'bucket', 'front_wheel', 'stay_64'], ['boom_length']],
    [BikeKind::FourWheeler, ['chain_path'], ['stay_45', 'boom_length']],
]);

it('asks at every spot on some kind of bike or for some mount, and at none twice', function (): void {
    $asked = [];
    foreach (BikeKind::cases() as $kind) {
        foreach (Mounts::all() as $mount) {
            $codes = array_column(SurveyPlan::for($kind, $mount->spots()), 'value');
            expect(array_unique($codes))->toBe($codes);
            array_push($asked, ...$codes);
        }
    }
    expect(array_values(array_unique($asked)))->toEqualCanonicalizing(array_column(Spot::cases(), 'value'));
});

it('knows all there is to know of every spot, and of nothing else', function (): void {
    $codes = array_column(Spot::cases(), 'value');
    expect(array_keys(SpotWords::ALL))->toEqualCanonicalizing($codes);
    foreach (Spot::cases() as $spot) {
        expect($spot->label() !== '' && $spot->how() !== '' && $spot->why() !== '')->toBeTrue()
            ->and($spot->kind()->isMeasured())->toBe($spot->instrument() !== null && $spot->least() < $spot->most())
            ->and($spot->kind() === SpotKind::Choice)->toBe($spot->choices() !== []);
    }
});

it('finds the spot where a figure of a sum was read', function (): void {
    expect(Spot::whereRead(Source::ShellWidth))->toBe(Spot::ShellWidth)
        ->and(Spot::whereRead(Source::Chainstay, 70.0))->toBe(Spot::Stay64)
        ->and(Spot::whereRead(Source::Chainstay, 300.0))->toBe(Spot::Stay112)
        ->and(Spot::whereRead(Source::Catalogue))->toBeNull();
});

it('tells the width from the cups, with the doubt of both flanges and what they hide', function (): void {
    $width = EarlyWidth::from(Measurement::within(72.4, 0.02), Measurement::within(2.1, 0.02));
    expect($width->value)->toEqualWithDelta(68.2, 1e-9)->and($width->plusMinus)->toEqualWithDelta(0.56, 1e-9);
});

it('lays ways on every kind from its own measures, and none along a tube that is not there', function (BikeKind $kind): void {
    $all = SMALL + ['bar_to_head' => 250.0, 'down_tube' => 600.0];
    $ways = KindWays::of($kind, $all);
    $shape = Shapes::of($kind, $all);
    foreach ($ways->stretches as $stretch) {
        expect(isset($ways->places[$stretch->from], $ways->places[$stretch->to]))->toBeTrue("{$stretch->from} to {$stretch->to}")
            ->and($stretch->length)->toBeGreaterThan(0.0)->and($stretch->needs)->toBeNull();
    }
    expect($ways->places)->toHaveKeys(['bar', 'motor', 'stay', 'battery'])
        ->and(isset($ways->places['down-low']))->toBe($shape->tube('down-tube') !== null)
        ->and(isset($ways->places['nose']))->toBe($kind === BikeKind::BoxCargo)
        ->and(isset($ways->places['boom-end']))->toBe($kind === BikeKind::TadpoleTrike);
    foreach ([['bar', 'motor'], ['motor', 'stay'], ['battery', 'motor'], ['motor', 'rack'], ['motor', 'lamp-front']] as [$from, $to]) {
        $run = new Run('x', RunKind::Signal, $from, $to, 0.0, 'x');
        $route = RoutePlan::of(new Routing(BodyHold::Frame, Allowances::usual(), $ways->edges(), [$run]))->routes[0];
        expect($route->path)->not->toBeNull("{$kind->value}: {$from} to {$to}")->and($ways->missingFor($run))->toBe([]);
    }
})->with(BikeKind::cases());

it('says which measure a run waits for, and follows the measure once it is there', function (BikeKind $kind): void {
    $run = new Run('harness', RunKind::Signal, 'bar', 'motor', 0.0, 'eight');
    $missing = KindWays::of($kind, [])->missingFor($run);
    expect($missing)->toContain(Spot::BarToHead)
        ->and(array_diff(array_column($missing, 'value'), array_column(SurveyPlan::for($kind), 'value')))->toBe([]);
    $needed = function (float $bar) use ($kind, $missing, $run): float {
        $ways = KindWays::of($kind, ['bar_to_head' => $bar] + array_fill_keys(array_column($missing, 'value'), 700.0));

        return RoutePlan::of(new Routing(BodyHold::Frame, Allowances::usual(), $ways->edges(), [$run]))->routes[0]->needed ?? 0.0;
    };
    expect($needed(350.0) - $needed(250.0))->toEqualWithDelta(103.0, 1e-6);
})->with(BikeKind::cases());

it('never lays a signal through the pinch, the wheel or the rotor, and follows the frame', function (): void {
    $ways = KindWays::of(BikeKind::Diamond, ['bar_to_head' => 250.0, 'down_tube' => 660.0, 'chainstay_length' => 440.0]);
    [$harness, $sensor] = RoutePlan::of(new Routing(BodyHold::Frame, Allowances::usual(), $ways->edges(), [
        new Run(
            'harness', RunKind::Signal, 'bar', 'motor', 3000.0, 'x', ['inside_tube'],
        ), new Run('sensor', RunKind::Signal, 'motor', 'stay', 3000.0, 'x'),
    ]))->routes;

    expect($harness->path)->toBe(['bar', 'head', 'battery', 'down-low', 'motor-top', 'motor'])
        ->and($harness->needed)->toEqualWithDelta((250 + 80 + 660 - 60 + 110 + 40) * 1.03, 1e-6)
        ->and($sensor->path)->toBe(['motor', 'motor-top', 'stay']);
    $clamped = RoutePlan::of(
        new Routing(
            BodyHold::Clamped, Allowances::usual(), $ways->edges(), [new Run('harness', RunKind::Signal, 'bar', 'motor', 3000.0, 'x')],
        ),
    )->routes[0];
    expect($clamped->path)->toContain('down-low')->not->toContain('motor-top');
});

it('shows no way that is longer than another that is allowed, moved or not', function (): void {
    mt_srand(512);
    for ($round = 0; $round < 400; $round++) {
        $places = ['a', 'b', 'c', 'd', 'e', 'f', 'g'];
        $edges = [];
        foreach ($places as $i => $from) {
            foreach (array_slice($places, $i + 1) as $to) {
                if (mt_rand(0, 9) < 4 + $round % 3) {
                    $edges[] = new Edge($from, $to, (float) mt_rand(10, 100), mt_rand(0, 4) === 0 ? ['pinch'] : []);
                }
            }
        }
        $via = mt_rand(0, 1) === 1 ? 'c' : null;
        $off = mt_rand(0, 2) === 0 ? ['d'] : [];
        $run = new Run('x', RunKind::Signal, 'a', 'f', 0.0, 'x', via: $via, off: $off);
        $found = (new FrameGraph($edges, Allowances::usual()))->way($run, RunKind::Signal->keepsOff(BodyHold::Frame));
        $best = shortestByTrying($edges, 'a', 'f', ['a'], 0.0, $via, $off);
        $found === null || expect($found[0][0])->toBe('a')->and(end($found[0]))->toBe('f')
            ->and($via === null || in_array($via, $found[0], true))->toBeTrue()->and(array_intersect($found[0], $off))->toBe([]);
        expect($found === null)->toBe($best === INF)->and($found[1] ?? 0.0)->toEqualWithDelta($best === INF ? 0.0 : $best, 1e-9)
            ->and($found === null ? [] : array_unique($found[0]))->toBe($found[0] ?? []);
    }
});

/**
 * @param  list<Edge>  $edges
 * @param  list<string>  $walked
 * @param  list<string>  $off
 */
function shortestByTrying(array $edges, string $at, string $to, array $walked, float $cost, ?string $via, array $off): float
{
    if ($at === $to) {
        return $via === null || in_array($via, $walked, true) ? $cost : INF;
    }
    $best = INF;
    foreach ($edges as $edge) {
        $next = [$edge->from => $edge->to, $edge->to => $edge->from][$at] ?? null;
        if ($next !== null && ! in_array($next, [...$walked, ...$off], true) && $edge->tags === []) {
            $best = min($best, shortestByTrying($edges, $next, $to, [...$walked, $next], $cost + $edge->length, $via, $off));
        }
    }

    return $best;
}
