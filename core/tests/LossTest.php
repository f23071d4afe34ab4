<?php

declare(strict_types=1);

use NeatSpindle\Core\Fitting\Route\Allowances;
use NeatSpindle\Core\Fitting\Route\BodyHold;
use NeatSpindle\Core\Fitting\Route\Edge;
use NeatSpindle\Core\Fitting\Route\Lead;
use NeatSpindle\Core\Fitting\Route\Loss;
use NeatSpindle\Core\Fitting\Route\RoutePlan;
use NeatSpindle\Core\Fitting\Route\Routing;
use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Fitting\Route\RunKind;
use NeatSpindle\Core\Fitting\Route\RunRoute;

/** @param  array<string, mixed>  $with */
function laid(array $with = [], float $way = 900.0): RunRoute
{
    $run = new Run(...$with + [
        'name' => 'battery lead', 'kind' => RunKind::Power, 'from' => 'battery', 'to' => 'motor', 'supply' => 1000.0,
        'connector' => 'power', 'currentA' => 20.0, 'areaMm2' => 2.5,
    ]);
    $edges = [new Edge('battery', 'motor', $way), new Edge('lamp', 'motor', 100.0)];

    return RoutePlan::of(new Routing(BodyHold::Frame, Allowances::usual(), $edges, [$run], [new Lead('power', 1000.0, 1)]))->routes[0];
}

it('says what share of the motor’s voltage the pack’s lead loses, and asks for more copper above three percent', function (): void {
    $short = Loss::on(laid(), 48.0);
    expect($short?->volts)->toEqualWithDelta(0.28, 1e-9)->and($short?->percent())->toEqualWithDelta(0.28 / 48 * 100, 1e-9)
        ->and($short?->isTooMuch())->toBeFalse()->and($short?->thicker())->toBeNull();

    $long = Loss::on(laid(['currentA' => 40.0, 'areaMm2' => 1.5], 1500.0), 36.0);
    expect($long?->length)->toBe(2000.0)->and($long?->percent())->toEqualWithDelta(2 * 2 * 40 * 0.0175 / 1.5 / 36 * 100, 1e-9)
        ->and($long?->thicker())->toBe('4 mm²');
    expect(Loss::on(laid(['currentA' => 5000.0]), 36.0)?->thicker())->toBe('more than 25 mm²');
});

it('takes exactly three percent as enough', function (): void {
    $exact = Loss::on(laid(['currentA' => 0.03 * 48 * 2.5 / (2 * 0.0175)]), 48.0);
    expect($exact?->isTooMuch())->toBeFalse()->and($exact?->areaWanted())->toBe(2.5);
});

it('keeps quiet where it does not know, or where it is no lead of the pack', function (RunRoute $route, ?float $volts): void {
    expect(Loss::on($route, $volts))->toBeNull();
})->with([
    'nobody said what the motor runs on' => fn () => [laid(), null],
    'no current' => fn () => [laid(['currentA' => null]), 48.0],
    'a lamp' => fn () => [laid(['from' => 'lamp']), 48.0],
    'a signal' => fn () => [laid(['kind' => RunKind::Signal]), 48.0],
    'no way' => fn () => [laid(['to' => 'moon']), 48.0],
    'too short' => fn () => [laid(['supply' => 0.0], 5000.0), 48.0],
]);

it('wants the least area that holds, whatever current, length and voltage', function (): void {
    mt_srand(1203);
    for ($i = 0; $i < 500; $i++) {
        $loss = Loss::on(
            laid(['currentA' => mt_rand(1, 900) / 10, 'supply' => mt_rand(950, 6000) / 1.0]), mt_rand(24, 72) / 1.0,
        ) ?? throw new LogicException;
        $holds = fn (float $area): bool => 2 * $loss->length / 1000 * (float) $loss->run->currentA * 0.0175 / $area / $loss->ofVolts * 100 <= 3 + 1e-9;
        $fitting = array_filter(Loss::AREAS_MM2, $holds);
        expect($loss->areaWanted())->toBe($fitting === [] ? null : min($fitting))->and($loss->isTooMuch())->toBe(! $holds(2.5));
    }
});
