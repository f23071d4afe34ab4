<?php

declare(strict_types=1);

use NeatSpindle\Core\Fitting\Route\RoutePlan;
use NeatSpindle\Core\Ground\House\Difference;
use NeatSpindle\Core\Ground\House\HouseRules;
use NeatSpindle\Core\Ground\House\HouseWords;
use NeatSpindle\Core\Ground\House\Question;
use NeatSpindle\Core\Ground\House\School;
use NeatSpindle\Core\Holding\Build\BuildSheet;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Circumstances;
use NeatSpindle\Core\Holding\Build\Compound;
use NeatSpindle\Core\Holding\Build\Fastenings;
use NeatSpindle\Core\Holding\Build\Found;
use NeatSpindle\Core\Holding\Build\Wiring;
use NeatSpindle\Core\Measuring\Strip\Fitted;
use NeatSpindle\Core\Measuring\Strip\StripPlan;
use NeatSpindle\Core\Measuring\Strip\StripStep;
use NeatSpindle\Core\Parts\Part\RingFitting;
use NeatSpindle\Core\Tests\Cases;

function sheetIn(HouseRules $house, string $case = 'hardtail-73', ?Circumstances $circumstances = null): BuildSheet
{
    $routing = Cases::worksheet($case)->job->routing;
    $circumstances ??= new Circumstances(wiring: new Wiring(routes: $routing === null ? [] : RoutePlan::of($routing)->routes));

    return Cases::worksheet($case)->buildSheet($circumstances->inHouse($house)) ?? throw new LogicException('no sheet');
}

/** @return list<string> */
function stepsOf(BuildSheet $sheet): array
{
    return array_map(fn (BuildStep $step) => $step->code, $sheet->steps);
}

it('asks every question once, and has words for every answer', function (): void {
    $asked = array_merge(...array_map(fn (Question $question) => $question->schools(), Question::cases()));
    expect(count($asked))->toBe(count(School::cases()))
        ->and(array_map(fn (School $school) => $school->value, $asked))->toEqualCanonicalizing(array_keys(HouseWords::SCHOOLS))
        ->and(array_keys(HouseWords::QUESTIONS))->toBe(array_map(fn (Question $question) => $question->value, Question::cases()))
        ->and(array_keys(HouseWords::NOTES))->each->toBeIn(array_keys(HouseWords::SCHOOLS));
    foreach (School::cases() as $school) {
        expect($school->question()->schools())->toContain($school);
    }
});

it('keeps what was chosen, leaves the rest to the default, and forgets what it does not know', function (): void {
    $house = HouseRules::default()->with(School::BoltsFirst)->with(School::NutDry);
    expect(HouseRules::fromKept($house->toKeep()))->toEqual(HouseRules::fromKept($house->toKeep()))
        ->and(HouseRules::fromKept($house->toKeep())->schools())->toBe($house->schools())
        ->and(HouseRules::fromKept(['x' => 'of another house', 'y' => 7])->schools())->toBe(HouseRules::default()->schools())
        ->and(array_values(array_filter($house->schools(), fn (School $school) => ! $school->isDefault())))
        ->toBe([School::BoltsFirst, School::NutDry])
        ->and($house->with(School::NutFirst)->follows(School::NutFirst))->toBeTrue();
});

it('puts bolts before the nut where the house does, each waiting for the one before', function (): void {
    $order = fn (HouseRules $house) => array_values(
        array_intersect(stepsOf(sheetIn($house)), ['nut-torque', 'plate-look', 'boss-bolts', 'lockring']),
    );
    $house = HouseRules::default()->with(School::BoltsFirst);
    expect($order(HouseRules::default()))->toBe(['nut-torque', 'plate-look', 'boss-bolts', 'lockring'])
        ->and($order($house))->toBe(['boss-bolts', 'nut-torque', 'plate-look', 'lockring'])
        ->and(sheetIn($house)->step('nut-torque')?->after)->toBe(['boss-bolts'])
        ->and(sheetIn($house)->step('nut-torque')?->how)->not->toContain('Nut before');
});

it('does what each school says on the sheet', function (School $school, string $code, Closure $reads): void {
    $is = sheetIn(HouseRules::default()->with($school))->step($code);
    expect($is)->not->toBeNull()->and($reads($is))->toBeTrue()->and($reads(sheetIn(HouseRules::default())->step($code)))->toBeFalse();
})->with([
    'nut dry' => [
        School::NutDry, 'nut-hand', fn (BuildStep $step) => $step->compound === Compound::None && str_contains($step->how, 'clamps less'),
    ],
    'lock ring' => [
        School::LockringLocked, 'lockring',
        fn (BuildStep $step) => $step->compound === Compound::Locking && ! str_contains($step->how, 'No locking'),
    ],
    'above the band' => [
        School::AboveBand, 'nut-torque', fn (BuildStep $step) => str_contains((string) $step->house, 'never above what the thread'),
    ],
    'by feel' => [School::NutFeel, 'nut-torque', fn (BuildStep $step) => str_contains((string) $step->house, 'say “by hand” and why')],
    'toothed' => [School::PlateToothed, 'plate-on', fn (BuildStep $step) => str_contains((string) $step->house, 'must bite')],
    'smooth' => [School::PlateSmooth, 'plate-on', fn (BuildStep $step) => str_contains((string) $step->house, 'smooth')],
    'short of a cable' => [
        School::RestShort, 'set-rest', fn (BuildStep $step) => str_contains((string) $step->house, 'strut, band or clamp'),
    ],
    'against the tube' => [School::RestTube, 'set-rest', fn (BuildStep $step) => str_contains((string) $step->house, 'nothing soft')],
    'crank dry' => [School::CrankDry, 'crank-left-seat', fn (BuildStep $step) => $step->compound === Compound::None],
    'motor first' => [
        School::MotorFirst, 'try-battery', fn (BuildStep $step) => $step->chapter === BuildStep::ROUTES && $step->after === ['nut-torque'],
    ],
    'floor' => [School::PostureFloor, 'dress-0', fn (BuildStep $step) => $step->stands === 'upside down, or on the floor'],
    'stand' => [
        School::PostureStand, 'body-in',
        fn (BuildStep $step) => $step->stands === 'in the stand, from setting the body until its nut is tight',
    ],
    'round' => [
        School::HarnessRound, 'thread-0-1-2',
        fn (BuildStep $step) => $step->after === ['body-in'] && str_contains($step->how, 'outside the gap'),
    ],
]);

it('greases a taper whatever its maker says, where the house does', function (): void {
    $dry = new Circumstances(fastening: new Fastenings(crankCompound: Compound::None));
    $seat = fn (School $school) => sheetIn(HouseRules::default()->with($school), circumstances: $dry)->step('crank-left-seat')?->compound;
    expect($seat(School::CrankByMaker))->toBe(Compound::None)->and($seat(School::CrankGreased))->toBe(Compound::Grease);
});

it('never lets teeth bite carbon', function (): void {
    $said = null;
    foreach (Cases::names() as [$case]) {
        $worksheet = Cases::worksheet($case);
        $step = $worksheet->buildSheet((new Circumstances)->inHouse(HouseRules::default()->with(School::PlateToothed)))?->step('plate-on');
        if ($step !== null) {
            expect(str_contains((string) $step->house, 'must bite'))->toBe($worksheet->job->bike->material->bite() > 0.0);
            $said = $step->house;
        }
    }
    expect($said)->not->toBeNull();
});

it('puts the ring on before or after as the house says, but where a mount needs it first', function (): void {
    $before = fn (string $case, School $school) => array_search('ring', stepsOf(sheetIn(HouseRules::default()->with($school), $case)), true)
        < array_search('body-in', stepsOf(sheetIn(HouseRules::default()->with($school), $case)), true);
    expect($before('hardtail-73', School::RingBefore))->toBeTrue()->and($before('hardtail-73', School::RingAfter))->toBeFalse()
        ->and($before('twin-plate-92', School::RingAfter))->toBeTrue();
});

it('splits a chain that could stay whole where the house always does', function (): void {
    $whole = new Circumstances(
        found: new Found(fitted: new Fitted(keepsChain: true)), fastening: new Fastenings(ringFitting: new RingFitting),
    );
    expect(stepsOf(sheetIn(HouseRules::default(), circumstances: $whole)))->toContain('chain-over')
        ->and(stepsOf(sheetIn(HouseRules::default()->with(School::ChainSplit), circumstances: $whole)))->not->toContain('chain-over');
});

it('takes the drive-side cup out first where the house does and either can', function (): void {
    $cups = fn (HouseRules $house) => array_values(array_filter(
        array_map(
            fn (StripStep $step) => $step->code, StripPlan::for(new Fitted, null, $house)->steps,
        ), fn (string $code) => str_starts_with($code, 'cup-'),
    ));
    expect($cups(HouseRules::default()))->toBe(['cup-left', 'cup-drive'])
        ->and($cups(HouseRules::default()->with(School::CupDrive)))->toBe(['cup-drive', 'cup-left']);
});

it('holds under every rule: nothing waits for what comes later, every rule taken by itself and a hundred houses at random', function (string $case): void {
    mt_srand(17);
    $houses = array_map(fn (School $school) => HouseRules::default()->with($school), School::cases());
    for ($i = 0; $i < 100; $i++) {
        $houses[] = array_reduce(
            Question::cases(),
            fn (HouseRules $rules, Question $question) => $rules->with($question->schools()[mt_rand(0, count($question->schools()) - 1)]),
            HouseRules::default(),
        );
    }
    foreach ($houses as $house) {
        $seen = [];
        foreach (sheetIn($house, $case)->steps as $step) {
            foreach ($step->after as $before) {
                expect($seen)->toHaveKey($before, "{$step->code} waits for {$before}");
            }
            expect($seen)->not->toHaveKey($step->code);
            $seen[$step->code] = true;
        }
    }
})->with(['hardtail-73', 'yoke-on-68', 'twin-plate-92']);

it('says what reads differently: moved, new, gone, in other words; and nothing of a sheet and itself', function (): void {
    $lines = fn (School $school) => sheetIn(HouseRules::default()->with($school))->lines();
    $changes = Difference::between($lines(School::NutFirst), $lines(School::BoltsFirst))->changes;
    expect(Difference::between($lines(School::NutFirst), $lines(School::NutFirst))->changes)->toBe([])
        ->and($changes[0])->toStartWith('“Plate bolts to torque')->toContain('comes after “Set the body')
        ->and(implode(' ', $changes))->toContain('“Nut to torque”, how:')
        ->and(Difference::between($lines(School::NutLocked), $lines(School::NutDry))->changes)->toContain('“Nut on by hand”, on it: Dry');
});
