<?php

declare(strict_types=1);

use NeatSpindle\Core\Fitting\Route\Allowances;
use NeatSpindle\Core\Fitting\Route\BodyHold;
use NeatSpindle\Core\Fitting\Route\Edge;
use NeatSpindle\Core\Fitting\Route\RoutePlan;
use NeatSpindle\Core\Fitting\Route\Routing;
use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Fitting\Route\RunKind;
use NeatSpindle\Core\Ground\Measure\TorqueBand;
use NeatSpindle\Core\Ground\Measure\TorqueUnit;
use NeatSpindle\Core\Ground\Turn\Hand;
use NeatSpindle\Core\Holding\Build\BuildSheet;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Circumstances;
use NeatSpindle\Core\Holding\Build\Cure;
use NeatSpindle\Core\Holding\Build\Fastenings;
use NeatSpindle\Core\Holding\Build\Found;
use NeatSpindle\Core\Holding\Build\Wiring;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Holding\Reaction\TubeClamp;
use NeatSpindle\Core\Measuring\Strip\Fitted;
use NeatSpindle\Core\Measuring\Survey\GuideRemedy;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Fastening\Band;
use NeatSpindle\Core\Parts\Fastening\Bands;
use NeatSpindle\Core\Parts\Fastening\Fastener;
use NeatSpindle\Core\Parts\Part\RingFitting;
use NeatSpindle\Core\Parts\Part\RingMounting;
use NeatSpindle\Core\Parts\Part\Spider;
use NeatSpindle\Core\Tests\Cases;

function sheetFor(string $name): BuildSheet
{
    $sheet = Cases::worksheet($name);
    $routes = $sheet->job->routing === null ? [] : RoutePlan::of($sheet->job->routing)->routes;

    return $sheet->buildSheet(new Circumstances(wiring: new Wiring(routes: $routes))) ?? throw new LogicException('no sheet');
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

it('joins the pack once all is tied down, with a meter first, and what it feeds after it', function (): void {
    $runs = [
        new Run('front lamp', RunKind::Power, 'motor', 'bar', 3000.0, 'lamp'),
        new Run('pack’s lead', RunKind::Power, 'battery', 'motor', 3000.0, 'power'),
        new Run('harness', RunKind::Signal, 'bar', 'motor', 3000.0, 'eight'),
        new Run('lost lamp', RunKind::Power, 'motor', 'moon', 3000.0, 'lamp'),
    ];
    $edges = [new Edge('bar', 'battery', 600.0), new Edge('battery', 'motor', 300.0)];
    $routes = RoutePlan::of(new Routing(BodyHold::Frame, Allowances::usual(), $edges, $runs))->routes;
    $sheet = Cases::worksheet('hardtail-73')->buildSheet(new Circumstances(wiring: new Wiring(routes: $routes, unlaid: [4 => new Run('rear lamp', RunKind::Power, 'motor', 'rack', 900.0, 'lamp')], volts: 48.0))) ?? throw new LogicException('no sheet');

    $codes = array_map(fn (BuildStep $step) => $step->code, $sheet->steps);
    expect(array_slice($codes, -4))->toBe(['join-1', 'join-0', 'join-3', 'join-4'])->and($codes)->not->toContain('join-2')->toContain('dress-4')
        ->and($sheet->step('dress-4')?->how)->toContain('not measured')
        ->and($sheet->step('join-1')?->after)->toContain('battery-rail', 'dress-0', 'dress-1', 'dress-2')
        ->and($sheet->step('join-1')?->how)->toContain('48 V; another is not joined')->toContain('plus on plus')
        ->and($sheet->step('join-1')?->caution)->toContain('damaged, wet or unknown')
        ->and($sheet->step('join-0')?->after)->toContain('dress-0', 'join-1')
        ->and($sheet->step('join-0')?->how)->toContain('Polarity tried with a meter');
});

it('lets the body in once all that ends at it is through, its way known or not', function (string $name): void {
    $unlaid = [3 => new Run('throttle', RunKind::Signal, 'bar', 'motor', 300.0, 'three'), 4 => new Run('horn', RunKind::Signal, 'bar', 'battery', 300.0, 'two')];
    $sheet = Cases::worksheet($name);
    $routes = $sheet->job->routing === null ? [] : RoutePlan::of($sheet->job->routing)->routes;
    $steps = $sheet->buildSheet(new Circumstances(wiring: new Wiring(routes: $routes, unlaid: $unlaid))) ?? throw new LogicException('no sheet');

    $through = array_filter(array_map(fn (BuildStep $step) => $step->code, $steps->steps), fn (string $code) => str_starts_with($code, 'thread-'));
    $through = array_values($through);
    $laid = $steps->firstOf(3);
    expect($through)->toBe([$laid?->code])->and($laid?->runs)->not->toContain(4)->and($laid?->how)->toContain('Throttle: no way is known for it yet')->and($steps->step('body-in')?->after)->toContain($laid?->code);
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
        if ($step->fastener !== null) {
            expect($step->tool)->not->toBeNull()->and($step->tool)->toMatch('/wrench/');
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
        ->and($sheet->step('slot')?->how)->toContain("Inside it: {$stack->placeText(Place::SlotInner)}")->toContain('Outside it: '
            ."{$stack->placeText(Place::SlotOuter)}")
        ->and(array_keys(array_intersect_key($at, array_flip(['yoke-in', 'cup-hand', 'slot', 'yoke-screws', 'set-rest', 'cup-torque', 'spindle', 'preload', 'collar-screw']))))
        ->toBe(['yoke-in', 'cup-hand', 'slot', 'yoke-screws', 'set-rest', 'cup-torque', 'spindle', 'preload', 'collar-screw'])
        ->and($at)->not->toHaveKey('lockring');
});

it('assumes no hand of a yoke’s cup, hangs a body that hangs, and looks at the middle where no paper says it', function (): void {
    $sheet = fn (Fastenings $fastening, string $case = 'yoke-on-68') => Cases::worksheet($case)->buildSheet(new Circumstances(fastening: $fastening)) ?? throw new LogicException('no sheet');
    expect($sheet(new Fastenings)->step('cup-torque')?->turn)->toBeNull()->and($sheet(new Fastenings)->step('cup-hand')?->how)->toContain('its papers say')
        ->and($sheet(new Fastenings(cupHand: Hand::Left))->step('cup-torque')?->turn?->hand)->toBe(Hand::Left)->and($sheet(new Fastenings(cupHand: Hand::Left))->step('cup-hand')?->how)->not->toContain('its papers say')
        ->and($sheet(new Fastenings)->step('hanger'))->toBeNull()->and($sheet(new Fastenings(hasHanger: true))->step('yoke-screws')?->after)->toContain('hanger')
        ->and($sheet(new Fastenings)->step('collar-screw')?->after)->toContain('middle-look')->and($sheet(new Fastenings, 'yoke-cranks-apart')->step('middle-look'))->toBeNull();
});

it('speaks of a thread hand where a twin plate’s shell has one, and has its own chain in before the spindle', function (): void {
    $codes = array_column(sheetFor('twin-plate-92')->steps, 'code');
    $wanted = ['bearings', 'first-chain-laid', 'spindle-home', 'play', 'cups-torque', 'bolt-by-hand', 'ring', 'ring-to-plate', 'plates-on', 'body-in', 'first-chain'];
    expect(array_values(array_intersect($codes, $wanted)))->toBe($wanted)->and(sheetFor('twin-plate-92')->step('bearings')?->how)->toContain('A plain bore has no thread')->not->toContain('thread hand');
});

it('has no sheet while the stack is unsolved', function (): void {
    expect(Cases::worksheet('empty-drawer')->buildSheet())->toBeNull();
});

it('lays a whole chain over the ring before its bolts, and neither joins nor counts it then', function (string $case): void {
    $codes = fn (Fitted $fitted) => array_map(fn (BuildStep $step) => $step->code, Cases::worksheet($case)->buildSheet(new Circumstances(found: new Found(fitted: $fitted)))->steps ?? []);
    $kept = $codes(new Fitted(keepsChain: true, hasGuard: true, hasBucket: true));
    $order = array_flip($kept);

    expect($order['chain-over'])->toBeLessThan($order['ring'])->and($order['chain-over'])->toBeLessThan($order['crank-right'])
        ->and($order['guard-back'])->toBeGreaterThan($order['chain'])->and($kept)->toContain('bucket-back')
        ->and($codes(new Fitted))->not->toContain('chain-over');
})->with(['hardtail-73', 'hub-gear-68', 'trike-boom']);

it('presses an insert in, and measures again, before the dry fit', function (): void {
    $codes = array_map(fn (BuildStep $step) => $step->code, sheetFor('press-fit-92')->steps);
    $wanted = ['insert-clean', 'insert-press', 'insert-measure', 'dry-fit', 'body-in'];

    expect(array_values(array_intersect($codes, $wanted)))->toBe($wanted)
        ->and(array_map(fn (BuildStep $step) => $step->code, sheetFor('hardtail-73')->steps))->not->toContain('insert-press');
});

it('cures what stands in the way before the dry fit, which then waits for it', function (): void {
    $sheet = Cases::worksheet()->buildSheet(new Circumstances(found: new Found(guide: GuideRemedy::Housing, cures: [new Cure('cure-7', 'A tab filed off', 'With a file.')])));
    expect($sheet?->step('dry-fit')?->after)->toContain('guide', 'cure-7')
        ->and($sheet?->step('guide')?->after)->not->toContain('dry-fit');
});

it('says of the ring which side, which face and how many bolts', function (): void {
    $spider = new Spider('star', 104.0, 3.0, []);
    $how = fn (RingFitting $fitting) => Cases::worksheet()->buildSheet(new Circumstances(fastening: new Fastenings(ringFitting: $fitting)))?->step('ring');
    $ways = RingMounting::all(true, 104.0, [$spider]);

    expect($how(new RingFitting)?->how)->toContain('As it comes')->toContain('All its bolts')
        ->and($how(new RingFitting($ways[3], 5))?->how)->toContain('Turned round')->toContain('Its 5 bolts')
        ->and($how(new RingFitting($ways[1], 4))?->title)->toContain('outer face of spider star')
        ->and($how(new RingFitting($ways[2], 4))?->title)->toContain('inner face of spider star');
});

it('holds what is above its band until somebody says why, and what has no band until one is typed or it went by hand', function (): void {
    $sheet = sheetFor('hardtail-73');
    $nut = $sheet->step('nut-torque') ?? throw new LogicException;
    $ring = $sheet->step('ring') ?? throw new LogicException;

    expect($nut->lacks(50.0, false, null))->toBeNull()
        ->and($nut->lacks(60.0, false, ' '))->toContain('above the band')
        ->and($nut->lacks(60.0, false, 'second try, slipped'))->toBeNull()
        ->and($nut->lacks(9.0, false, 'whatever the reason'))->toContain('9.0 N·m is below the band')
        ->and($nut->lacks(9.0, false, null, TorqueUnit::FootPound))->toContain('6.6 ft·lb is below the band')
        ->and($nut->lacks(null, false, null))->toContain('Write down the torque')
        ->and($ring->lacks(9.0, false, 'x'))->toContain('No band is known for the ring bolts')
        ->and($ring->lacks(null, true, 'no room for a wrench'))->toBeNull()
        ->and($ring->lacks(null, true, null))->toContain('why it went by hand')
        ->and($ring->fastened(Bands::none()->with(Fastener::RingBolts, new Band(new TorqueBand(8, 10), 'its bag')))->lacks(9.0, false, null))->toBeNull();
});

it('runs the plate’s bolts in before the nut is torqued, and torques them after the plate was looked at', function (): void {
    $codes = array_map(fn (BuildStep $step) => $step->code, sheetFor('hardtail-73')->steps);
    $wanted = ['plate-on', 'bolts-hand', 'nut-hand', 'set-rest', 'nut-torque', 'plate-look', 'boss-bolts', 'lockring', 'ring-look', 'crank-right'];

    expect(array_values(array_intersect($codes, $wanted)))->toBe($wanted);
});

it('has the bearings of a twin-plate motor in, without play, before the motor hangs', function (): void {
    $codes = array_map(fn (BuildStep $step) => $step->code, sheetFor('twin-plate-92')->steps);
    $wanted = ['bearings', 'play', 'cups-torque', 'bolt-by-hand', 'ring', 'plates-on', 'body-in', 'first-chain', 'set-rest', 'plate-bolts', 'arm-look'];

    expect(array_values(array_intersect($codes, $wanted)))->toBe($wanted);
});

it('puts a rest on loose, sets the body, torques what holds it, and then the rest', function (): void {
    $sheet = Cases::worksheet('trike-boom')->buildSheet(new Circumstances(fastening: new Fastenings(rest: Rest::plan(Rest::BoomClamp, TubeClamp::for(50.8))))) ?? throw new LogicException('no sheet');
    $codes = array_map(fn (BuildStep $step) => $step->code, $sheet->steps);

    expect(array_values(array_intersect($codes, ['rest-on', 'set-rest', 'nut-torque', 'rest-torque', 'crank-right'])))->toBe(['rest-on', 'set-rest', 'nut-torque', 'rest-torque', 'crank-right'])
        ->and($sheet->step('rest-on')?->how)->toContain('Size 2 in')
        ->and($sheet->step('set-rest')?->how)->toContain('no tube above it');
});
