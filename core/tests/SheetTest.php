<?php

declare(strict_types=1);

use NeatSpindle\Core\Build\BuildSheet;
use NeatSpindle\Core\Build\BuildStep;
use NeatSpindle\Core\Drawer\Place;
use NeatSpindle\Core\Route\RoutePlan;
use NeatSpindle\Core\Tests\Cases;

function sheetFor(string $name): BuildSheet
{
    $sheet = Cases::worksheet($name);
    $routes = $sheet->job->routing === null ? [] : RoutePlan::of($sheet->job->routing)->routes;

    return $sheet->buildSheet($routes) ?? throw new LogicException('no sheet');
}

const BUILT = ['hardtail-73', 'press-fit-92', 'hub-gear-68', 'fat-100-long-sleeve', 'yoke-on-68', 'twin-plate-92', 'trike-boom'];

it('asks for nothing that comes later, and names no step twice', function (string $name): void {
    $seen = [];
    foreach (sheetFor($name)->steps as $step) {
        expect($seen)->not->toContain($step->code);
        foreach ($step->after as $before) {
            expect($seen)->toContain($before);
        }
        $seen[] = $step->code;
    }
    expect($seen[0])->toBe('safe');
})->with(BUILT);

it('says where every piece of the stack goes', function (string $name): void {
    $stack = Cases::worksheet($name)->stack;
    $told = implode(' ', array_map(fn (BuildStep $step) => "{$step->title} {$step->how}", sheetFor($name)->steps));
    expect($told)->not->toBe('');
    foreach ($stack->mount->places() as $place) {
        if ($stack->sumAt($place) > 0.0) {
            expect($told)->toContain($stack->placeText($place));
        }
    }
})->with(BUILT);

it('takes the battery out first, and names a tool and keeps a record for what is torqued', function (string $name): void {
    $steps = sheetFor($name)->steps;
    expect($steps[0]->title)->toContain('Battery out');
    foreach ($steps as $step) {
        if ($step->torque !== null) {
            expect($step->recordsTorque)->toBeTrue()->and($step->tool)->not->toBeNull();
        }
    }
})->with(BUILT);

it('sets the body against its rest before anything is torqued, and warns of what lies in the gap', function (string $name): void {
    $sheet = sheetFor($name);
    $order = array_map(fn (BuildStep $step) => $step->code, $sheet->steps);
    $firstTorqued = array_search(true, array_map(fn (BuildStep $step) => $step->chapter === 'Torque', $sheet->steps), true);

    expect(array_search('set-rest', $order, true))->toBeLessThan($firstTorqued)
        ->and($sheet->step('set-rest')?->caution)->toContain('stop');
})->with(BUILT);

it('has what is a twin-plate motor’s own: turns by hand, play and drag, the first chain', function (): void {
    $sheet = sheetFor('twin-plate-92');
    expect($sheet->step('bolt-by-hand')?->how)->toContain('At least 3 full turns by hand')
        ->and($sheet->step('play')?->how)->toContain('Play: one thin spacer more. Drag: one less.')
        ->and($sheet->step('first-chain')?->look)->toContain('clears the ring’s teeth')
        ->and($sheet->heldBack(['bolt-by-hand']))->toHaveKey('crank-left')
        ->and(sheetFor('hardtail-73')->step('first-chain'))->toBeNull();
});

it('fills a yoke’s slot before the cup goes in, and torques the cup before the spindle is preloaded', function (): void {
    $sheet = sheetFor('yoke-on-68');
    $at = array_flip(array_map(fn (BuildStep $step) => $step->code, $sheet->steps));
    $stack = Cases::worksheet('yoke-on-68')->stack;

    expect($stack->sumAt(Place::SlotInner))->toBeGreaterThan(0.0)
        ->and($sheet->step('yoke-in')?->how)->toContain("Inside it: {$stack->placeText(Place::SlotInner)}")->toContain("Outside it: {$stack->placeText(Place::SlotOuter)}")
        ->and([$at['yoke-in'] < $at['cup-hand'], $at['cup-hand'] < $at['cup-torque'], $at['cup-torque'] < $at['spindle']])->toBe([true, true, true])
        ->and($at)->not->toHaveKey('lockring');
});

it('has no sheet while the stack is unsolved', function (): void {
    expect(Cases::worksheet('empty-drawer')->buildSheet([]))->toBeNull();
});
