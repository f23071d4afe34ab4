<?php

declare(strict_types=1);

use NeatSpindle\Core\Choosing\Brake\BrakeEstimate;
use NeatSpindle\Core\Choosing\Brake\Braking;
use NeatSpindle\Core\Choosing\Brake\Weather;
use NeatSpindle\Core\Choosing\Brake\WheelBrake;
use NeatSpindle\Core\Choosing\Hill\Load;
use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Donor\Bike\BrakeKind;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Holding\Around\GroundClearance;
use NeatSpindle\Core\Holding\Build\Swing;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Sums\Margin\Verdict;

function brakeOf(BrakeKind $kind, ?float $rotor = null, int $wheels = 1): WheelBrake
{
    return WheelBrake::of($kind, $rotor, 2200.0, $wheels) ?? throw new LogicException('Its rotor is not known.');
}

it('stops as far as mass, speed, weather and the size of the rotor make it', function (): void {
    $braking = fn (float $mass, float $kmh, float $rotor) => new Braking(
        brakeOf(BrakeKind::DiscHydraulic, $rotor), brakeOf(BrakeKind::DiscHydraulic, $rotor), BikeKind::LongTail, new Load($mass),
        $kmh / 3.6,
    );
    foreach (Weather::cases() as $weather) {
        foreach ([90.0, 140.0, 200.0] as $mass) {
            foreach ([15.0, 25.0, 45.0] as $kmh) {
                foreach ([140.0, 160.0, 203.0] as $rotor) {
                    $one = $braking($mass, $kmh, $rotor)->distance($weather);
                    expect($braking($mass + 40, $kmh, $rotor)->distance($weather))->toBeGreaterThanOrEqual($one)
                        ->and($braking($mass, $kmh + 5, $rotor)->distance($weather))->toBeGreaterThan($one)
                        ->and($braking($mass, $kmh, $rotor + 20)->distance($weather))->toBeLessThanOrEqual($one)
                        ->and($braking($mass, $kmh, $rotor)->distance(Weather::Wet))
                        ->toBeGreaterThanOrEqual($braking($mass, $kmh, $rotor)->distance(Weather::Dry));
                }
            }
        }
    }
});

it('takes the distance from the reaction and the slowing, and no more than tyre and balance give', function (): void {
    $strong = new Braking(
        brakeOf(BrakeKind::DiscHydraulic, 203.0), brakeOf(BrakeKind::DiscHydraulic, 203.0), BikeKind::Diamond, new Load(100.0), 25 / 3.6,
    );
    expect($strong->slowing(Weather::Dry))->toEqualWithDelta(0.6 * 9.81, 1e-9)
        ->and($strong->distance(Weather::Dry))->toEqualWithDelta(25 / 3.6 * 0.8 + (25 / 3.6) ** 2 / (2 * 0.6 * 9.81), 1e-9)
        ->and($strong->slowing(Weather::Wet))->toEqualWithDelta(0.45 * 9.81, 1e-9);
    $rim = new Braking(brakeOf(BrakeKind::Rim), brakeOf(BrakeKind::None), BikeKind::Diamond, new Load(100.0), 5.0);
    expect($rim->slowing(Weather::Dry))->toEqualWithDelta(3.8, 1e-9)->and($rim->hottest(0.08)[0]->kind ?? null)->toBe(BrakeKind::Rim);
    $none = new Braking(brakeOf(BrakeKind::None), brakeOf(BrakeKind::None), BikeKind::Diamond, new Load(100.0), 5.0);
    expect($none->distance(Weather::Dry))->toBeNull()->and($none->hottest(0.08))->toBeNull()->and($none->warmerBy())->toBe(0.0);
    expect(WheelBrake::of(BrakeKind::DiscCable, null, 2200.0))->toBeNull();
    $pair = new Braking(brakeOf(BrakeKind::Drum, null, 2), brakeOf(BrakeKind::None), BikeKind::TadpoleTrike, new Load(140.0), 5.0);
    expect($pair->slowing(Weather::Dry))->toEqualWithDelta(520 / 140, 1e-9);
});

it('finds weak what is weak, and says how far, how hot, and what it assumes', function (): void {
    $of = fn (WheelBrake $brake, float $mass, float $kmh, float $grade) => BrakeEstimate::of(
        $brake, $brake, BikeKind::LongTail, new Load($mass), $kmh / 3.6, 600.0, $grade,
    );
    $good = $of(brakeOf(BrakeKind::DiscHydraulic, 203.0), 115.0, 25.0, 4.0);
    expect($good->verdict())->toBe(Verdict::Clear)->and($good->objection())->toBeNull()
        ->and($good->after->distance(Weather::Dry))->toBeGreaterThan($good->before->distance(Weather::Dry))
        ->and($good->warmer()[1])->toBeGreaterThan($good->warmer()[0]);
    $weak = $of(brakeOf(BrakeKind::Coaster), 220.0, 45.0, 10.0);
    expect($weak->verdict())->toBe(Verdict::Fails)
        ->and($weak->objection())->toContain('Estimated: ')->toContain('dry')->toContain('wet')->toContain('K warmer than the air')
        ->and(implode(' ', $weak->assumptions()))->toContain('20 km/h')->toContain('45 km/h')->toContain('10 % downhill');
    foreach ([$good, $weak] as $estimate) {
        expect(strtolower($estimate->objection().implode(' ', $estimate->assumptions())))->not->toContain('safe')->not->toContain('legal');
    }
});

it('knows how far the body hangs over the floor in every state that was measured', function (): void {
    $axis = ['free' => Measurement::within(300.0, 1.0), 'ridden' => Measurement::within(280.0, 1.0), 'bottomed' => null];
    $below = GroundClearance::of($axis, 40, BodyPosition::Below, 210.0) ?? throw new LogicException('not known');
    expect(array_keys($below->after()))->toBe(['free', 'ridden'])
        ->and($below->after()['free']->value)->toEqualWithDelta(300 - 210 * sin(deg2rad(75)), 1e-9)
        ->and($below->before()['free']->value)->toEqualWithDelta(300 - (40 * 12.7 / (2 * M_PI) + 5), 1e-9)
        ->and($below->verdict())->toBe(Verdict::Clear);
    $deep = GroundClearance::of(['bottomed' => Measurement::within(204.0, 1.0)] + $axis, 40, BodyPosition::Below, 210.0);
    expect($deep?->verdict())->toBe(Verdict::Tight)
        ->and(GroundClearance::of(['bottomed' => Measurement::within(203.0, 1.0)], 40, BodyPosition::Below, 210.0)?->verdict())
        ->toBe(Verdict::Fails);
    $above = GroundClearance::of($axis, 40, BodyPosition::Above, 210.0);
    expect($above?->after()['free']->value)->toBe($above?->before()['free']->value)
        ->and(GroundClearance::of($axis, 40, BodyPosition::Below, null))->toBeNull()
        ->and(GroundClearance::of([], 40, BodyPosition::Below, 210.0))->toBeNull();
});

it('asks for five millimetres where a sprung rear end moves, beyond the doubt of both readings', function (
    ?float $ridden, ?float $bottomed, ?Verdict $verdict, string $says
): void {
    $of = fn (?float $room) => $room === null ? null : Measurement::within($room, 0.5);
    $swing = new Swing($of($ridden), $of($bottomed));
    expect($swing->verdict())->toBe($verdict)->and((string) $swing->objection())->toContain($says);
})->with([
    'nothing measured' => [null, null, null, 'measured at the dry fit'],
    'one of two' => [12.0, null, null, 'measured at the dry fit'],
    'room' => [12.0, 8.0, Verdict::Clear, ''],
    'within the doubt' => [12.0, 5.2, Verdict::Tight, ''],
    'too little' => [12.0, 3.0, Verdict::Fails, 'only 3.0 mm'],
]);
