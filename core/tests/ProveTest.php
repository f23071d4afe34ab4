<?php

declare(strict_types=1);

use NeatSpindle\Core\Fitting\Sensor\BrakeCut;
use NeatSpindle\Core\Fitting\Sensor\BrakeSensing;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Hold;
use NeatSpindle\Core\Holding\Build\Lack;
use NeatSpindle\Core\Holding\Build\LackKind;
use NeatSpindle\Core\Holding\Build\PutRight;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Prove\Cause;
use NeatSpindle\Core\Whole\Prove\Check;
use NeatSpindle\Core\Whole\Prove\CheckName;
use NeatSpindle\Core\Whole\Prove\HandOver;
use NeatSpindle\Core\Whole\Prove\ProveFacts;
use NeatSpindle\Core\Whole\Prove\ProvePlan;
use NeatSpindle\Core\Whole\Prove\SettingName;

/** @param  array<string, BrakeSensing>  $brakes */
function facts(array $brakes = [], bool $throttle = false, bool $gears = false, bool $lamps = false, ?float $cutOff = null): ProveFacts
{
    $settings = ['units' => 'kilometres', 'wheel_mm' => '2180 mm', 'cut_off_kmh' => '25 km/h', 'levels' => '5'];

    return new ProveFacts(
        new BrakeCut($brakes, [], $throttle), $throttle, $gears, $lamps, $cutOff, 48.0, rangeKm: 60.0, settings: $settings,
    );
}

/** @return list<string> */
function codesOf(ProvePlan $plan): array
{
    return array_map(fn (Check $check) => $check->code, $plan->checks);
}

it('asks of a bike what it has, and nothing else', function (): void {
    $bare = codesOf(ProvePlan::of(facts()));
    $all = codesOf(ProvePlan::of(facts(['left' => BrakeSensing::StickOn, 'right' => BrakeSensing::Lever], true, true, true, 25.0)));
    expect(array_values(array_diff($all, $bare)))->toBe(['throttle-zero', 'throttle-one', 'brake-left', 'brake-right', 'shift', 'lights'])
        ->and(array_diff($bare, $all))->toBe([])
        ->and(codesOf(ProvePlan::of(facts(['left' => BrakeSensing::LeftOff, 'right' => BrakeSensing::NoLever]))))->toBe($bare);
});

it('puts each check after those it waits for, each with causes and words of its own', function (): void {
    $plan = ProvePlan::of(facts(['left' => BrakeSensing::StickOn, 'right' => BrakeSensing::Lever], true, true, true, 25.0));
    $seen = [];
    foreach ($plan->checks as $check) {
        foreach ($check->after as $before) {
            expect($seen)->toContain($before->value);
        }
        $seen[] = $check->code;
        expect($check->causes)->not->toBe([])->and("{$check->title}{$check->how}{$check->expects}")->not->toContain('{');
    }
    expect(array_unique($seen))->toBe($seen)->and($seen)->toEqualCanonicalizing(array_column(CheckName::cases(), 'value'));
});

it('rides nothing whose brake does not cut the motor', function (): void {
    $plan = ProvePlan::of(facts(['left' => BrakeSensing::StickOn], true));
    $right = array_values(array_diff(codesOf($plan), ['brake-left']));
    $ride = $plan->check('stops') ?? throw new LogicException('no ride');
    expect($plan->hold($ride, $right)?->says)->toContain('Brake left cuts the motor')->and($plan->hold($ride, codesOf($plan)))->toBeNull();
});

it('takes a figure outside what is expected for a miss', function (?float $value, bool $isRight): void {
    $check = ProvePlan::of(facts(cutOff: 25.0))->check('cut-off') ?? throw new LogicException('no check');
    expect($check->lacks($value) === null)->toBe($isRight);
})->with([[25.0, true], [23.0, true], [27.0, true], [22.9, false], [27.1, false], [null, false]]);

it('lets nothing go while anything is open, whatever was done in whatever order', function (): void {
    mt_srand(1313);
    $steps = Cases::worksheet()->buildSheet()->steps ?? [];
    $plan = ProvePlan::of(facts(['left' => BrakeSensing::StickOn], true, true, true, 25.0));
    [$built, $right, $stop, $undecided, $lacks] = [[], [], false, true, []];
    $went = 0;
    for ($i = 0; $i < 10_000; $i++) {
        $check = $plan->checks[mt_rand(0, count($plan->checks) - 1)];
        $step = $steps[mt_rand(0, count($steps) - 1)];
        match (mt_rand(0, 12)) {
            0 => $stop = mt_rand(0, 3) === 0,
            12 => $lacks = mt_rand(0, 3) === 0 ? [Lack::at(LackKind::Pack, '', 'No battery')] : [],
            1 => $undecided = mt_rand(0, 3) === 0,
            2 => $right = mt_rand(0, 9) === 0 ? array_values(array_diff($right, [$check->code])) : $right,
            3 => $built = mt_rand(0, 9) === 0 ? array_diff_key($built, [$step->code => 1]) : $built,
            4, 5, 6, 7 => $built[$step->code] = true,
            default => $right = $plan->hold($check, $right) === null ? array_values(array_unique([...$right, $check->code])) : $right,
        };
        $open = array_values(array_filter($steps, fn (BuildStep $one) => ! isset($built[$one->code])));
        $handOver = HandOver::of(
            $stop ? new Hold('cracked', PutRight::Condition) : null, [], $open, $plan->open($right), $lacks,
            $undecided ? [new Hold('who decides', PutRight::Sensors)] : [],
        );
        $mayGo = ! $stop && ! $undecided && $lacks === [] && count($built) === count($steps) && count($right) === count($plan->checks);
        expect($handOver->mayGo())->toBe($mayGo);
        $went += $mayGo ? 1 : 0;
        if ($mayGo) {
            [$built, $right] = [[], []];
        }
    }
    expect($went)->toBeGreaterThan(3);
});

it('hands over no bike without a sheet, nor one whose verdict is not clear', function (): void {
    expect(HandOver::of(null, [], null, [], [], [])->mayGo())->toBeFalse()
        ->and(HandOver::of(null, [new Hold('Rest: open', PutRight::Rest)], [], [], [], [])->says())->toBe(['Rest: open'])
        ->and(HandOver::of(null, [], [], [], [], [])->mayGo())->toBeTrue();
});

it('takes a setting that can be, and says why one cannot', function (SettingName $name, string $value, bool $goes): void {
    expect($name->fault($value) === null)->toBe($goes);
})->with([
    [SettingName::CutOff, '25', true], [SettingName::CutOff, 'none', true], [SettingName::CutOff, '250', false],
    [SettingName::CutOff, 'fast', false], [SettingName::Wheel, 'none', false],
    [SettingName::Wheel, '2180', true], [SettingName::Units, 'km', true], [SettingName::Units, 'furlongs', false],
    [SettingName::Levels, '0', false], [SettingName::ThrottleAtZero, 'dead', true],
]);

it('compares the range with the one computed for the job’s road, and asks for nothing where none was', function (): void {
    $plan = fn (?float $km) => ProvePlan::of(new ProveFacts(new BrakeCut([], [], false), rangeKm: $km));
    $range = $plan(60.0)->check('range');
    expect($plan(null)->check('range'))->toBeNull()->and($range?->figure?->band())->toBe('39 to 90 km')
        ->and($range?->lacks(52.0))->toBeNull()->and($range?->lacks(30.0))->toContain('it is a miss')
        ->and($range?->lacks(null))->toContain('in km');
});

it('asks for sounds place by place, each with its own causes', function (): void {
    $sounds = array_filter(
        ProvePlan::of(new ProveFacts(new BrakeCut([], [], false)))->checks, fn ($check) => str_starts_with($check->code, 'sound-'),
    );
    expect(count($sounds))->toBe(5);
    foreach ($sounds as $check) {
        expect($check->causes)->not->toBe([])->and($check->after)->toBe([CheckName::Stops]);
    }
});

it('leads from a miss to the step of the very run, whatever number it has', function (): void {
    $cause = new Cause('Plug not home', 'dress:main harness');
    expect($cause->stepWith(['main harness' => 0]))->toBe('dress-0')
        ->and($cause->stepWith(['battery lead' => 2, 'main harness' => 7]))->toBe('dress-7')
        ->and($cause->stepWith(['battery lead' => 2]))->toBeNull()->and((new Cause('Ring', 'ring'))->stepWith([]))->toBe('ring')
        ->and((new Cause('Weather'))->stepWith([]))->toBeNull();
});

it('takes no check for right because a step of the build is called the same and was done later', function (): void {
    $plan = ProvePlan::of(facts());
    $right = array_combine(codesOf($plan), range(1, count(codesOf($plan))));
    $built = array_fill_keys(codesOf($plan), 1_000);
    expect($plan->standing(array_diff_key($right, ['pedals' => 1]), $built, []))->not->toContain('pedals')->not->toContain('quiet')
        ->and($plan->standing($right, $built, []))->toBe(codesOf($plan))
        ->and($plan->standing($right, [], [], [], ['wakes']))->toBe(codesOf($plan))
        ->and($plan->standing($right, [], [], ['wakes']))->not->toContain('wakes');
});
