<?php

declare(strict_types=1);

use NeatSpindle\Core\Build\BuildSheet;
use NeatSpindle\Core\Build\BuildStep;
use NeatSpindle\Core\Drawer\Place;
use NeatSpindle\Core\Exchange\JobReader;
use NeatSpindle\Core\Reaction\Rest;
use NeatSpindle\Core\Route\RoutePlan;
use NeatSpindle\Core\Survey\GuideRemedy;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Worksheet\Worksheet;

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
        ->and($sheet->step('play')?->how)->toContain('cured at the bearings or cups, never under the crank')
        ->and($sheet->step('first-chain')?->look)->toContain('clears the ring’s teeth')
        ->and($sheet->heldBack(['bolt-by-hand']))->toHaveKey('crank-left')
        ->and(sheetFor('hardtail-73')->step('first-chain'))->toBeNull();
});

it('starts a yoke and its cup by hand, fills the slot, and torques the cup before the spindle is preloaded', function (): void {
    $sheet = sheetFor('yoke-on-68');
    $at = array_flip(array_map(fn (BuildStep $step) => $step->code, $sheet->steps));
    $stack = Cases::worksheet('yoke-on-68')->stack;

    expect($stack->sumAt(Place::SlotInner))->toBeGreaterThan(0.0)
        ->and($sheet->step('slot')?->how)->toContain("Inside it: {$stack->placeText(Place::SlotInner)}")->toContain("Outside it: {$stack->placeText(Place::SlotOuter)}")
        ->and(array_keys(array_intersect_key($at, array_flip(['yoke-in', 'cup-hand', 'slot', 'yoke-screws', 'set-rest', 'cup-torque', 'spindle', 'preload', 'collar-screw']))))
        ->toBe(['yoke-in', 'cup-hand', 'slot', 'yoke-screws', 'set-rest', 'cup-torque', 'spindle', 'preload', 'collar-screw'])
        ->and($at)->not->toHaveKey('lockring');
});

it('has no sheet while the stack is unsolved', function (): void {
    expect(Cases::worksheet('empty-drawer')->buildSheet([]))->toBeNull();
});

/** @return iterable<string, array{BuildSheet, ?Rest}> every sheet that the worked cases, all rests, remedies and lock rings or none make */
function everySheet(): iterable
{
    foreach (array_keys(Cases::names()) as $name) {
        foreach ([true, false] as $hasLockring) {
            $document = Cases::document($name);
            foreach ($hasLockring ? [] : (array) $document->catalogue->motors as $motor) {
                unset($motor->lockring);
            }
            $worksheet = Worksheet::of(JobReader::read($document));
            $routes = $worksheet->job->routing === null ? [] : RoutePlan::of($worksheet->job->routing)->routes;
            foreach ([null, ...Rest::cases()] as $rest) {
                foreach (GuideRemedy::cases() as $remedy) {
                    $sheet = $worksheet->buildSheet($routes, $remedy, $rest);
                    if ($sheet !== null) {
                        yield "{$name}, ".($rest->value ?? 'no rest').", {$remedy->value}, ".($hasLockring ? 'lock ring' : 'one nut') => [$sheet, $rest];
                    }
                }
            }
        }
    }
}

it('needs in no sheet what comes later, and names nothing that is not there', function (): void {
    $words = ['boom' => Rest::BoomClamp, 'strut' => Rest::Strut, 'chainstays, loose' => Rest::StayClamp, 'seat tube' => Rest::SeatTubeClamp, 'Band' => Rest::TubeBand, 'against the block' => Rest::Block, 'against the down tube' => Rest::Frame];
    $distinct = [];
    foreach (everySheet() as $which => [$sheet, $rest]) {
        $done = [];
        $text = '';
        foreach ($sheet->steps as $step) {
            expect(array_diff($step->after, $done))->toBe([], "{$which}: {$step->code}")->and($done)->not->toContain($step->code);
            $done[] = $step->code;
            $text .= "{$step->code} {$step->title} {$step->how} {$step->look}\n";
        }
        foreach ($words as $word => $of) {
            expect(str_contains($text, $word) && $rest !== $of)->toBeFalse("{$which} says “{$word}”");
        }
        $hasLockring = in_array('lockring', $done, true);
        expect(str_contains($text, 'Lock ring'))->toBe($hasLockring, $which)->and(in_array('first-chain', $done, true))->toBe(str_starts_with($which, 'twin-plate'));
        $distinct[hash('xxh128', $text)] = true;
    }
    fwrite(STDERR, count($distinct)." distinct sheets\n");
    expect(count($distinct))->toBeGreaterThan(300);
});

it('runs the plate’s bolts in before the nut is torqued, and torques them after the plate was looked at', function (): void {
    $codes = array_map(fn (BuildStep $step) => $step->code, sheetFor('hardtail-73')->steps);
    $wanted = ['plate-on', 'bolts-hand', 'nut-hand', 'set-rest', 'nut-torque', 'plate-look', 'boss-bolts', 'lockring', 'ring-look', 'crank-right'];

    expect(array_values(array_intersect($codes, $wanted)))->toBe($wanted);
});

it('has the bearings of a twin-plate motor in, without play, before the motor hangs', function (): void {
    $codes = array_map(fn (BuildStep $step) => $step->code, sheetFor('twin-plate-92')->steps);
    $wanted = ['bearings', 'play', 'ring', 'bolt-by-hand', 'plates-on', 'body-in', 'first-chain', 'set-rest', 'plate-bolts', 'arm-look'];

    expect(array_values(array_intersect($codes, $wanted)))->toBe($wanted);
});

it('puts a rest on loose, sets the body, torques what holds it, and then the rest', function (): void {
    $sheet = Cases::worksheet('trike-boom')->buildSheet([], rest: Rest::BoomClamp) ?? throw new LogicException('no sheet');
    $codes = array_map(fn (BuildStep $step) => $step->code, $sheet->steps);

    expect(array_values(array_intersect($codes, ['rest-on', 'set-rest', 'nut-torque', 'rest-torque', 'crank-right'])))->toBe(['rest-on', 'set-rest', 'nut-torque', 'rest-torque', 'crank-right'])
        ->and($sheet->step('set-rest')?->how)->toContain('no tube above it');
});
