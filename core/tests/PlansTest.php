<?php

declare(strict_types=1);

use NeatSpindle\Core\Donor\Shell\Identification;
use NeatSpindle\Core\Donor\Shell\Shell;
use NeatSpindle\Core\Fitting\Route\RoutePlan;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Ground\Turn\Hand;
use NeatSpindle\Core\Ground\Turn\Rotation;
use NeatSpindle\Core\Holding\Build\BuildSheet;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Circumstances;
use NeatSpindle\Core\Holding\Build\Found;
use NeatSpindle\Core\Holding\Build\Wiring;
use NeatSpindle\Core\Measuring\Strip\BracketKind;
use NeatSpindle\Core\Measuring\Strip\CrankKind;
use NeatSpindle\Core\Measuring\Strip\Fitted;
use NeatSpindle\Core\Measuring\Strip\StripPlan;
use NeatSpindle\Core\Measuring\Strip\StripStep;
use NeatSpindle\Core\Measuring\Survey\GuideRemedy;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Sums\Section\Part;
use NeatSpindle\Core\Tests\Cases;

/** @return array<string, StripStep> */
function stripSteps(?Identification $shell, Fitted $fitted = new Fitted): array
{
    $steps = StripPlan::for($fitted, $shell)->steps;

    return array_combine(array_map(fn (StripStep $step) => $step->code, $steps), $steps);
}

it('turns the drive cup the way the shell asks for', function (?Shell $shell, string $rotation, bool $isAssumed): void {
    $cup = stripSteps($shell === null ? null : Identification::of($shell))['cup-drive'];
    expect($cup->turn?->rotation()->value)->toBe($rotation)
        ->and(str_contains((string) $cup->caution, 'assumed'))->toBe($isAssumed);
})->with([
    'not measured' => [null, 'clockwise', true],
    'bsa' => [new Shell(Measurement::exactly(73.0), Measurement::exactly(33.6), true), 'clockwise', false],
    'italian' => [new Shell(Measurement::exactly(70.0), Measurement::exactly(35.0), true), 'anticlockwise', false],
    'french or swiss' => [
        new Shell(Measurement::exactly(68.0), Measurement::exactly(34.1), true, Measurement::exactly(1.0)), 'clockwise', true,
    ],
    'seen' => [new Shell(Measurement::exactly(68.0), driveCupLoosens: Rotation::Anticlockwise), 'anticlockwise', false],
]);

it('takes off everything before the cups, and the washer before the puller', function (): void {
    $order = array_keys(stripSteps(null));
    expect(array_search('crank-bolt-right', $order, true))->toBeLessThan(array_search('crank-right', $order, true))
        ->and(array_search('crank-left', $order, true))->toBeLessThan(array_search('cup-left', $order, true))
        ->and(array_key_last(stripSteps(null)))->toBe('look-inside');
});

it('makes the plan for what is fitted', function (Fitted $fitted, array $has, array $hasNot): void {
    $codes = array_keys(stripSteps(null, $fitted));
    expect($codes)->toContain(...$has)->and(array_intersect($codes, $hasNot))->toBe([])
        ->and(array_unique($codes))->toBe($codes)
        ->and($codes[0])->toBe('power')->and(end($codes))->toBe('look-inside');
})->with([
    'two-piece, pressed in' => [
        new Fitted(CrankKind::TwoPiece, BracketKind::PressFit, false),
        ['pinch-bolts', 'preload-cap', 'crank-left', 'crank-right', 'cup-left', 'cup-drive'], ['crank-bolt-right', 'front-mech'],
    ],
    'one piece' => [
        new Fitted(CrankKind::OnePiece), ['locknut-left', 'cone-left', 'crank-out', 'cup-left'], ['crank-right', 'crank-bolt-left'],
    ],
    'cottered' => [new Fitted(CrankKind::Cottered), ['crank-right', 'crank-left'], ['crank-bolt-right']],
    'self-extracting' => [new Fitted(CrankKind::SelfExtracting), ['crank-right', 'crank-left'], ['crank-bolt-right']],
    'cargo with guard and kickstand' => [
        new Fitted(CrankKind::Splined, keepsChain: true, hasGuard: true, hasKickstand: true), ['guard', 'kickstand', 'chain'], [],
    ],
]);

it('knows the left-hand threads of a one-piece crank and of the left pedal, and no others', function (): void {
    $leftHanded = fn (Fitted $fitted) => array_keys(
        array_filter(
            stripSteps(Identification::of(new Shell(Measurement::exactly(70.0), Measurement::exactly(35.0), true)), $fitted),
            fn (StripStep $step) => $step->turn?->hand === Hand::Left,
        ),
    );
    expect($leftHanded(new Fitted(CrankKind::OnePiece)))->toBe(['pedal-left', 'locknut-left', 'cone-left'])
        ->and($leftHanded(new Fitted(CrankKind::TwoPiece)))->toBe(['pedal-left'])
        ->and($leftHanded(new Fitted))->toBe(['pedal-left']);
});

it('drives pressed cups out and turns none', function (): void {
    $steps = stripSteps(null, new Fitted(CrankKind::TwoPiece, BracketKind::PressFit));
    expect($steps['cup-left']->turn)->toBeNull()->and($steps['cup-drive']->turn)->toBeNull()
        ->and($steps['cup-left']->tool)->toContain('drift');
});

function buildSheet(string $name = 'hardtail-73'): BuildSheet
{
    $job = Cases::job($name);

    return Cases::worksheet($name)
        ->buildSheet(
            new Circumstances(wiring: new Wiring(routes: $job->routing === null ? [] : RoutePlan::of($job->routing)->routes)),
        ) ?? throw new LogicException('no sheet');
}

it('puts every step after those it depends on', function (string $name): void {
    $done = [];
    foreach (buildSheet($name)->steps as $step) {
        foreach ($step->after as $before) {
            expect($done)->toContain($before);
        }
        expect($done)->not->toContain($step->code);
        $done[] = $step->code;
    }
})->with(['hardtail-73', 'press-fit-92', 'hub-gear-68', 'by-hand']);

it('threads the harness before the body closes the gap, and torques the nut before the plate’s bolts', function (): void {
    $order = array_map(fn (BuildStep $step) => $step->code, buildSheet()->steps);
    $at = fn (string $code) => array_search($code, $order, true);

    expect($at((string) buildSheet()->firstOf(0)?->code))->toBeLessThan($at('body-in'))
        ->and($at('nut-torque'))->toBeLessThan($at('boss-bolts'))
        ->and($at('set-rest'))->toBeLessThan($at('nut-torque'));
});

it('fits the ring first when it is near the chainstay, else after', function (): void {
    $order = fn (string $name) => array_map(fn (BuildStep $step) => $step->code, buildSheet($name)->steps);
    expect(array_search('ring', $order('hardtail-73'), true))->toBeLessThan(array_search('body-in', $order('hardtail-73'), true))
        ->and(array_search('ring', $order('hub-gear-68'), true))->toBeGreaterThan(array_search('nut-torque', $order('hub-gear-68'), true));
});

it('asks for the torque the catalogue has', function (): void {
    $torque = buildSheet()->step('nut-torque')?->band?->torque;
    expect([$torque?->low, $torque?->high])->toBe([46.0, 54.0])
        ->and($torque?->place(50))->toBe('within')->and($torque?->place(45))->toBe('below')->and($torque?->place(60))->toBe('above');
});

it('holds back what depends on a failed step, and nothing else', function (): void {
    $held = buildSheet()->heldBack(['nut-torque']);
    expect($held)->toHaveKeys(['boss-bolts', 'lockring', 'crank-right', 'crank-left', 'pedals'])
        ->and($held)->not->toHaveKeys(['ring', 'body-in', 'dress-0'])
        ->and(array_unique(array_values($held)))->toBe(['nut-torque']);
});

it('draws the stack where the sums say', function (string $name): void {
    $sheet = Cases::worksheet($name);
    $section = $sheet->section() ?? throw new LogicException('no section');
    $part = fn (string $kind) => array_values(array_filter($section->parts, fn (Part $p) => $p->kind === $kind));
    $shell = $part('frame')[0];
    $spacers = array_filter($part('spacer'), fn (Part $p) => $p->place === Place::Drive);

    expect($shell->width())->toEqualWithDelta($sheet->job->bike->shell->width->value, 1e-9)
        ->and($shell->middle())->toEqualWithDelta($sheet->job->bike->shell->offset, 1e-9)
        ->and(array_sum(array_map(fn (Part $p) => $p->width(), $spacers)))->toEqualWithDelta($sheet->stack?->spacers['drive']?->sum, 1e-9)
        ->and($part('ring')[0]->middle())->toEqualWithDelta($shell->x1 + $sheet->stack?->ringOutboard(), 1e-9)
        ->and($part('plate')[0]->x0 - $part('nut')[0]->x1)->toEqualWithDelta($sheet->stack?->spacers['nut']?->sum, 1e-9)
        ->and($section->right + $section->left)->toEqualWithDelta($sheet->stack?->arrangement?->crankAsymmetry, 1e-9);
    foreach ($section->gaps as $gap) {
        expect(abs($gap->x1 - $gap->x0))->toEqualWithDelta(abs($gap->margin->value), 1e-9);
    }
})->with(['hardtail-73', 'press-fit-92', 'hub-gear-68', 'fat-100-long-sleeve', 'fat-100-short-sleeve']);

it('knows a spot for every pointer a survey can fill', function (): void {
    foreach (Spot::cases() as $spot) {
        expect(Spot::atPointer($spot->pointer()))->toBe($spot);
    }
    expect(Spot::atPointer('/bike/rear/cogs/3'))->toBe(Spot::Cogs)
        ->and(Spot::atPointer('/kit/motor'))->toBeNull();
});

it('keeps the worst of several verdicts', function (): void {
    expect(Verdict::worst())->toBe(Verdict::Clear)
        ->and(Verdict::worst(Verdict::Clear, Verdict::Tight))->toBe(Verdict::Tight)
        ->and(Verdict::worst(Verdict::Fails, Verdict::Tight))->toBe(Verdict::Fails);
});

it('puts what the guide becomes before the body closes the gap', function (GuideRemedy $remedy, bool $hasStep): void {
    $codes = array_map(
        fn (BuildStep $step) => $step->code,
        Cases::worksheet()->buildSheet(new Circumstances(found: new Found(guide: $remedy)))->steps ?? [],
    );
    expect(in_array('guide', $codes, true))->toBe($hasStep);
    if ($hasStep) {
        expect(array_search('guide', $codes, true))->toBeLessThan(array_search('body-in', $codes, true));
    }
})->with([[GuideRemedy::Stays, false], [GuideRemedy::Housing, true], [GuideRemedy::Trimmed, true]]);

it('says what an insert must be so that the sleeve goes in and the bore holds it', function (): void {
    $job = Cases::job('press-fit-92');
    $adapter = $job->catalogue->motors['tarn-73']->held->insertFor($job->bike->shell) ?? throw new LogicException('none');
    expect($adapter->outer)->toEqualWithDelta(41.05, 1e-9)
        ->and($adapter->inner - 33.1)->toBeGreaterThanOrEqual(0.1)
        ->and(2 * $adapter->length)->toBeLessThan($job->bike->shell->width->value)
        ->and($adapter->wall())->toBeGreaterThan(1.5)
        ->and($job->catalogue->motors['tarn-73']->held->insertFor(Cases::job()->bike->shell))->toBeNull();
});
