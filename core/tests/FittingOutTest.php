<?php

declare(strict_types=1);

use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Donor\Bike\FrameMaterial;
use NeatSpindle\Core\Fitting\Battery\Fixing;
use NeatSpindle\Core\Fitting\Battery\Floor;
use NeatSpindle\Core\Fitting\Battery\InsertRow;
use NeatSpindle\Core\Fitting\Battery\Misfit;
use NeatSpindle\Core\Fitting\Battery\Pack;
use NeatSpindle\Core\Fitting\Battery\PackFit;
use NeatSpindle\Core\Fitting\Battery\PackGaps;
use NeatSpindle\Core\Fitting\Battery\PackPapers;
use NeatSpindle\Core\Fitting\Battery\PackSetting;
use NeatSpindle\Core\Fitting\Battery\PackSite;
use NeatSpindle\Core\Fitting\Battery\PackTrial;
use NeatSpindle\Core\Fitting\Battery\Room;
use NeatSpindle\Core\Fitting\Battery\Triangle;
use NeatSpindle\Core\Fitting\Battery\VoltageRange;
use NeatSpindle\Core\Fitting\Cockpit\BarHalf;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Cockpit\Cockpit;
use NeatSpindle\Core\Fitting\Cockpit\DisplayClamp;
use NeatSpindle\Core\Fitting\Cockpit\Fixture;
use NeatSpindle\Core\Fitting\Cockpit\FixtureKind;
use NeatSpindle\Core\Fitting\Cockpit\Make;
use NeatSpindle\Core\Fitting\Route\PowerLimits;
use NeatSpindle\Core\Fitting\Sensor\BrakeCut;
use NeatSpindle\Core\Fitting\Sensor\BrakeSensing;
use NeatSpindle\Core\Fitting\Sensor\SensorPlan;
use NeatSpindle\Core\Fitting\Sensor\SpeedSensor;
use NeatSpindle\Core\Fitting\Sensor\StayFace;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Holding\Build\Circumstances;
use NeatSpindle\Core\Holding\Build\Wiring;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Tests\Cases;

function slim(float $length = 350.0, ?float $lift = 12.0, ?float $slide = 20.0, float $volts = 48.0): PackPapers
{
    return new PackPapers(
        code: 'slim',
        name: 'Slim',
        length: $length,
        height: 78.0,
        width: 92.0,
        mass: 3.4,
        volts: $volts,
        wattHours: 504.0,
        gap: 10.0,
        lift: $lift,
        slide: $slide,
        rail: 215.0,
        mostAmps: 22.0,
        fuseAmps: 25.0,
        connectorAmps: 30.0,
    );
}

function room(float $doubt = 1.0): Room
{
    return new Room(Measurement::within(548.0, $doubt), Measurement::within(530.0, $doubt), Measurement::within(402.0, $doubt));
}

function trial(PackPapers $pack, PackSetting $setting, FrameMaterial $material = FrameMaterial::Steel, ?Room $room = null): PackTrial
{
    return PackTrial::of($pack, $setting, $material, $room ?? room(), VoltageRange::only(48.0), 18.0);
}

it('keeps a pack inside its triangle wherever its range lets it lie, with the gaps it says', function (): void {
    mt_srand(12);
    $fitted = 0;
    for ($i = 0; $i < 400; $i++) {
        $triangle = new Triangle(mt_rand(300, 800), mt_rand(250, 800), mt_rand(250, 800));
        $pack = new Pack(mt_rand(100, 500), mt_rand(40, 150), mt_rand(0, 20));
        $fit = PackFit::of($triangle, $pack);
        $range = $fit->range($pack);
        expect($range === null)->toBe($fit->misfit !== null);
        foreach ($range === null ? [] : [$range->from, ($range->from + $range->to) / 2, $range->to] as $at) {
            $fitted++;
            $gaps = PackGaps::of($triangle, $pack, $at);
            foreach ([$at, $at + $pack->length] as $corner) {
                expect($triangle->heightAt($corner))->toBeGreaterThanOrEqual($pack->height + $pack->gap - 1e-6);
            }
            expect(min($gaps->front, $gaps->rear))->toBeGreaterThanOrEqual($pack->gap - 1e-6)
                ->and($gaps->above)->toBeGreaterThanOrEqual(-1e-6);
        }
        foreach ($range === null ? [] : [$range->from - 3.0, $range->to + 3.0] as $beyond) {
            expect($range->has($beyond))->toBeFalse()->and($range->moved($beyond, 0.0))->toBeBetween($range->from, $range->to);
        }
    }
    expect($fitted)->toBeGreaterThan(200);
});

it('says the room is tight where the doubt of the three sides decides', function (): void {
    $roomy = trial(slim(), new PackSetting(PackSite::Triangle), room: room(1.0));
    $longest = PackFit::of(room()->triangle(), slim()->box())->room ?? 0.0;
    $tight = trial(slim($longest - 0.5), new PackSetting(PackSite::Triangle), room: room(3.0));
    expect($roomy->finding('room')?->verdict)->toBe(Verdict::Clear)->and($tight->finding('room')?->verdict)->toBe(Verdict::Tight)
        ->and(trial(slim($longest + 0.5), new PackSetting(PackSite::Triangle), room: room(0.0))->finding('room')?->verdict)
        ->toBe(Verdict::Fails);
});

it('asks for room to come out, not only to lie there', function (?float $lift, ?float $slide, ?Verdict $verdict): void {
    expect(trial(slim(lift: $lift, slide: $slide), new PackSetting(PackSite::Triangle))->finding('out')?->verdict)->toBe($verdict);
})->with([[12.0, 20.0, Verdict::Clear], [300.0, null, Verdict::Fails], [null, 200.0, Verdict::Fails], [null, null, null]]);

it('fails where one thing fails, is open while one is not known, and clear once all is', function (): void {
    $seen = array_fill_keys(array_map(fn ($check) => $check->value, PackSite::Rack->checks()), true);
    $setting = fn (
        array $seen, ?float $load = 25.0, ?Fixing $fixing = Fixing::RackBolts
    ) => new PackSetting(PackSite::Rack, null, $fixing, new Floor(420.0, 150.0, $load), $seen);
    expect(trial(slim(), $setting($seen))->verdict())->toBe(Verdict::Clear)
        ->and(trial(slim(), $setting($seen, load: null))->verdict())->toBeNull()
        ->and(trial(slim(), $setting($seen, fixing: null))->verdict())->toBeNull()
        ->and(trial(slim(), $setting(['heel-clear' => false] + $seen))->verdict())->toBe(Verdict::Fails)
        ->and(trial(slim(), $setting($seen, load: 3.0))->failing()[0]->code)->toBe('load')
        ->and(trial(slim(volts: 52.0), $setting($seen))->stop())->toContain('never joined')
        ->and(trial(slim(500.0), $setting($seen))->finding('room')?->says)->toContain('too long by 80 mm')
        ->and(PackTrial::of(slim(), $setting($seen), FrameMaterial::Steel, null, VoltageRange::only(48.0), 28.0)->finding('current')?->says)
        ->toContain('22 A')->toContain('25 A')->not->toContain('30 A');
});

it('drills and clamps no carbon, whatever the place', function (PackSite $site, Fixing $fixing): void {
    $verdict = trial(slim(), new PackSetting($site, null, $fixing), FrameMaterial::Carbon)->finding('fixing')?->verdict;
    expect($verdict)->toBe(in_array($fixing, [Fixing::Inserts, Fixing::Band, Fixing::HoseClamps], true) ? Verdict::Fails : Verdict::Clear);
})->with(PackSite::cases())->with(Fixing::cases());

it('offers each kind of bike places that have a fixing, something to look at, and where its lead starts', function (BikeKind $kind): void {
    foreach (PackSite::on($kind) as $site) {
        expect($site->isOn($kind))->toBeTrue()->and($site->fixings())->not->toBe([])->and($site->checks())->not->toBe([])
            ->and($site->places())->not->toBe([])
            ->and($site->label() !== '' && $site->short() !== '' && $site->floor() !== '')->toBeTrue();
    }
    expect(count(PackSite::on($kind)))->toBeGreaterThanOrEqual(2);
})->with(BikeKind::cases());

it('sets inserts as far apart as the rail allows, a third on a long one', function (float $rail, int $count): void {
    $row = InsertRow::along($rail);
    expect($row->count())->toBe($count)->and($row->at[0])->toBe(0.0)->and($row->at[$count - 1])->toBe($rail)
        ->and(Fixing::Inserts->count($row))->toBe($count)
        ->and(Fixing::Inserts->how($row))->toContain("{$count} inserts");
})->with([[190.0, 2], [250.0, 3], [300.0, 3]]);

it('says which triangle is none, and which pack too tall', function (): void {
    expect(
        trial(
            slim(), new PackSetting(PackSite::Triangle),
            room: new Room(Measurement::exactly(500.0), Measurement::exactly(200.0), Measurement::exactly(200.0)),
        )->fit?->misfit,
    )
        ->toBe(Misfit::NotATriangle)
        ->and(
            trial(new PackPapers('t', 'Tall', 200.0, 400.0, 90.0, 3.0, 48.0, 500.0), new PackSetting(PackSite::Triangle))
                ->finding('room')?->says,
        )
        ->toContain('Too tall');
});

it('takes off what is outside the innermost new thing, and puts it on again the other way round', function (): void {
    mt_srand(13);
    for ($i = 0; $i < 300; $i++) {
        $fixtures = array_map(function (): Fixture {
            $kind = FixtureKind::cases()[mt_rand(0, 6)];

            return new Fixture($kind, BarSide::cases()[mt_rand(0, 1)], mt_rand(100, 400) / 10, $kind->makes()[0], mt_rand(0, 2) === 0);
        }, range(1, mt_rand(1, 9)));
        $half = BarHalf::of(BarSide::Left, $fixtures, Measurement::within(200.0, 0.5));
        $asGiven = array_values(array_filter($fixtures, fn (Fixture $one) => $one->side === BarSide::Left));
        $on = $half->goesOn();
        expect($half->fixtures)->toBe($asGiven)->and(array_filter($half->comesOff(), fn (Fixture $one) => $one->isNew))->toBe([])
            ->and(count($on) - count($half->comesOff()))
            ->toBe(count(array_filter($half->fixtures, fn (Fixture $one) => $one->isNew && ! $one->kind->isReplaced())))
            ->and($half->left())->toEqualWithDelta(200.0 - $half->taken(), 1e-9)->and($on === [] || $on[0]->isNew)->toBeTrue();
    }
});

it('twists a throttle at the end of the bar wherever it was put, and changes a lever as a chapter of its own', function (): void {
    $grip = new Fixture(FixtureKind::Grip, BarSide::Right, 90.0);
    $lever = fn (Make $make, bool $isNew) => new Fixture(FixtureKind::BrakeLever, BarSide::Right, 16.0, $make, $isNew);
    $throttle = new Fixture(FixtureKind::Throttle, BarSide::Right, 40.0, Make::Twist, true);
    $of = fn (Fixture ...$fixtures) => Cockpit::of(array_values($fixtures), null, null, null, null);
    expect(array_map(fn (Fixture $one) => $one->name(), $of($grip, $lever(Make::Plain, false), $throttle)->right->fixtures))
        ->toBe(['grip', 'throttle', 'brake lever'])
        ->and($of($grip, $lever(Make::Plain, false), $lever(Make::Plain, true))->objections()[0])->toContain('stands there twice');

    $codes = function (Make $make) use ($of, $grip, $lever): array {
        $cockpit = $of($grip, $lever($make, true));
        $brakes = new BrakeCut(['right' => BrakeSensing::Lever], [], false);
        $sheet = Cases::worksheet()
            ->buildSheet(new Circumstances(wiring: new Wiring(cockpit: $cockpit, sensors: new SensorPlan($brakes, false, null, null))));

        return array_map(
            fn (string $code) => [$sheet?->step($code)?->title, $sheet?->step($code)->how ?? ''],
            ['bar-off-right', 'bar-on-right', 'lever-hook-right', 'brake-sensor-right'],
        );
    };
    [$off, $on, $hook, $sensor] = $codes(Make::OwnSwitch);
    expect($off[0])->toContain('cable slack')->and($off[1])->toContain('grip, old brake lever')->toContain('customer’s bag')
        ->and($on[1])->toContain('new brake lever, grip')
        ->and($hook[0])->toContain('brake adjusted')->and($sensor[0])->toBeNull();
    [$slack, , $hook] = $codes(Make::HydraulicSwitch);
    expect($slack[0])->toContain('Hose off')->and($hook[1])->toContain('bled until the lever is firm');
});

it('finds a bar too full, and a thumb wanted twice', function (): void {
    $grip = new Fixture(FixtureKind::Grip, BarSide::Right, 125.0);
    $shifter = new Fixture(FixtureKind::Shifter, BarSide::Right, 18.0, Make::Thumb);
    $throttle = fn (BarSide $side, Make $make) => new Fixture(FixtureKind::Throttle, $side, 22.0, $make, true);
    $of = fn (Fixture ...$fixtures) => Cockpit::of(
        array_values($fixtures), null, Measurement::within(167.0, 0.5), Measurement::exactly(22.2), 31.8,
    );
    expect($of($grip, $shifter, $throttle(BarSide::Right, Make::Thumb))->objections())->toHaveCount(1)
        ->and($of($grip, $shifter, $throttle(BarSide::Right, Make::Twist))->right->verdict())->toBe(Verdict::Tight)
        ->and(
            $of($grip, $shifter, $throttle(BarSide::Right, Make::Twist), new Fixture(FixtureKind::Display, BarSide::Right, 26.0))
                ->objections()[0],
        )
        ->toContain('too full by 27 mm')
        ->and($of($grip, $shifter, $throttle(BarSide::Left, Make::Thumb))->objections())->toBe([])
        ->and($of($grip)->left->verdict())->toBeNull();
});

it('puts between a display’s clamp and the bar what belongs there', function (
    float $bore, float $bar, Verdict $verdict, string $says
): void {
    $clamp = new DisplayClamp($bore, $bar);
    expect($clamp->verdict())->toBe($verdict)->and(strtolower($clamp->says()))->toContain($says);
})->with([
    [31.8, 31.8, Verdict::Clear, 'by itself'], [31.8, 29.0, Verdict::Clear, 'shim with a wall of 1.4 mm'],
    [31.8, 22.2, Verdict::Clear, 'rubber grommet with a wall of 4.8 mm'], [22.2, 31.8, Verdict::Fails, 'too small'],
    [50.0, 22.2, Verdict::Fails, 'far too wide'],
]);

it('stops for a lever without a sensor only beside a throttle, and only until an owner answers for it', function (
    bool $hasThrottle, array $decided, array $allowed, bool $stops
): void {
    $cut = new BrakeCut($decided, $allowed, $hasThrottle);
    expect($cut->stop() !== null)->toBe($stops);
})->with([
    [true, ['left' => BrakeSensing::LeftOff], [], true], [
        true, ['left' => BrakeSensing::LeftOff], ['left'], false,
    ], [true, ['left' => BrakeSensing::LeftOff], ['right'], true],
    [false, ['left' => BrakeSensing::LeftOff], [], false], [
        true, ['left' => BrakeSensing::StickOn, 'right' => BrakeSensing::NoLever], [], false,
    ], [true, [], [], false],
]);

it('takes no sensor on a lever it does not suit', function (?Make $lever, BrakeSensing $sensing, bool $goes): void {
    expect($sensing->objection($lever) === null)->toBe($goes);
})->with([
    [Make::Odd, BrakeSensing::StickOn, false], [Make::Hydraulic, BrakeSensing::InCable, false],
    [Make::Hydraulic, BrakeSensing::StickOn, true], [Make::Odd, BrakeSensing::LeftOff, true], [null, BrakeSensing::InCable, true],
]);

it('allows the speed sensor its maker’s gap, ends included', function (float $gap, bool $goes): void {
    expect((new SpeedSensor(2.0, 6.0, StayFace::Inside))->objection(Measurement::within($gap, 0.5)) === null)->toBe($goes);
})->with([[1.99, false], [2.0, true], [6.0, true], [6.01, false]]);

it('sets fuse, plug and copper against what flows', function (PowerLimits $limits, array $words): void {
    $said = implode(' ', $limits->objections());
    expect(count($limits->objections()))->toBe(count($words));
    foreach ($words as $word) {
        expect($said)->toContain($word);
    }
})->with([
    [new PowerLimits(20.0, 25.0, 30.0, 30.0), []], [new PowerLimits(20.0, 15.0, null, null), ['blows']], [
        new PowerLimits(20.0, 40.0, null, 30.0), ['does not protect a lead'],
    ],
    [
        new PowerLimits(20.0, 25.0, 15.0, 18.0),
        ['plug is made for 15', 'maker allows 18', 'does not protect a lead', 'does not protect a plug'],
    ], [new PowerLimits(null, null, null, null), []],
]);

it('joins a pack whose voltage lies in the motor’s range, ends included', function (float $volts, bool $goes): void {
    $trial = PackTrial::of(
        slim(volts: $volts), new PackSetting(PackSite::Rack), FrameMaterial::Steel, null, new VoltageRange(43.0, 52.0), 18.0,
    );
    expect($trial->stop() === null)->toBe($goes)->and($goes || str_contains((string) $trial->stop(), '43 to 52 V'))->toBeTrue();
})->with([[43.0, true], [48.0, true], [52.0, true], [36.0, false], [52.1, false]]);
