<?php

declare(strict_types=1);

use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Ground\Measure\TorqueBand;
use NeatSpindle\Core\Measuring\Survey\Contradiction;
use NeatSpindle\Core\Measuring\Survey\Improbable;
use NeatSpindle\Core\Measuring\Survey\Slip;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\Usual;

it('asks about the likeliest slip', function (BikeKind $kind, Spot $spot, float $mm, ?Slip $slip): void {
    $odd = Improbable::reading($kind, $spot, $mm, 100.0, null, null);
    expect($odd)->not->toBeNull()->and($odd?->slip)->toBe($slip);
})->with([
    'a fat bike’s stay from the centre plane' => [BikeKind::Fat, Spot::Stay45, 52.0, Slip::CentrePlane],
    'further back' => [BikeKind::Fat, Spot::Stay112, 88.0, Slip::CentrePlane],
    'a stay’s radius mixed up' => [BikeKind::Diamond, Spot::Stay45, 24.0, Slip::OtherRadius],
    'inches' => [BikeKind::Diamond, Spot::ChainstayLength, 17.25, Slip::Inches],
    'centimetres' => [BikeKind::Diamond, Spot::Wheel, 219.8, Slip::Centimetres],
    'millimetres typed as inches' => [BikeKind::Diamond, Spot::OverLocknuts, 135.0 * 25.4, Slip::Millimetres],
    'nothing that explains it' => [BikeKind::Diamond, Spot::OverLocknuts, 197.0, null],
]);

it('knows what is usual by kind', function (BikeKind $kind, Spot $spot, float $mm): void {
    expect(Improbable::reading($kind, $spot, $mm, null, null, null))->toBeNull();
})->with([
    [BikeKind::Fat, Spot::OverLocknuts, 197.0], [BikeKind::LongTail, Spot::ChainstayLength, 604.0], [
        BikeKind::TadpoleTrike, Spot::ChainstayLength, 1400.0,
    ],
    [BikeKind::Diamond, Spot::Stay45, -4.2], [BikeKind::Diamond, Spot::BarToHead, 900.0],
]);

it('sets the bare shell against what the cups told', function (float $mm, ?bool $isOdd, ?Slip $slip): void {
    $odd = Improbable::reading(
        BikeKind::Diamond, Spot::ShellWidth, $mm, null, Measurement::within(77.0, 0.05), Measurement::within(2.0, 0.05),
    );
    expect($odd !== null)->toBe($isOdd)->and($odd?->slip)->toBe($slip)->and($odd->expected ?? 73.0)->toBe(73.0);
})->with([[73.9, false, null], [76.9, true, Slip::OverTheCups], [68.0, true, null]]);

it('has a usual range inside what can be, for every kind and spot', function (BikeKind $kind): void {
    $known = 0;
    foreach (Spot::cases() as $spot) {
        [$least, $most] = Usual::on($kind)->range($spot) ?? [null, null];
        if ($least !== null) {
            $known++;
            expect($spot->kind()->isMeasured())->toBeTrue()->and($spot->allows($least) && $spot->allows((float) $most))->toBeTrue()
                ->and($least)->toBeLessThan((float) $most)
                ->and(Improbable::reading($kind, $spot, $least, null, null, null))->toBeNull()
                ->and(Improbable::reading($kind, $spot, $least - 1, null, null, null))->not->toBeNull();
        }
    }
    expect($known)->toBeGreaterThan(15);
})->with(BikeKind::cases());

it('asks about a torque of a tenth of its band, or twice it', function (float $nm, bool $isFar): void {
    expect((new TorqueBand(40.0, 50.0))->isFarFrom($nm))->toBe($isFar);
})->with([[4.0, true], [4.1, false], [55.0, false], [99.9, false], [100.0, true]]);

it('asks about a reading that cannot be right beside another', function (Spot $spot, float $mm, array $known, ?Spot $other): void {
    $contradiction = Contradiction::of($spot, $mm, $known);
    expect($contradiction?->other)->toBe($other)
        ->and($contradiction === null || str_contains($contradiction->words(), $contradiction->other->label()))->toBeTrue();
})->with([
    'a stay longer than the wheelbase' => [Spot::ChainstayLength, 1200.0, ['wheelbase' => 1130.0], Spot::Wheelbase],
    'a wheelbase shorter than the stay' => [Spot::Wheelbase, 430.0, ['chainstay_length' => 438.0], Spot::ChainstayLength],
    'a cog left of the middle' => [Spot::CogInset, 70.0, ['over_locknuts' => 135.0], Spot::OverLocknuts],
    'the same, the other way round' => [Spot::OverLocknuts, 100.0, ['cog_inset' => 52.0], Spot::CogInset],
    'a chain shorter than its run' => [Spot::ChainPath, 600.0, ['chainstay_length' => 1400.0], Spot::ChainstayLength],
    'a stay that jumps' => [Spot::Stay64, 30.0, ['stay_45' => -4.0], Spot::Stay45],
    'a stay that jumps ahead' => [Spot::Stay64, -12.0, ['stay_80' => 12.0], Spot::Stay80],
    'all of it goes together' => [Spot::Stay64, 11.2, ['stay_45' => 4.2, 'stay_80' => 27.0, 'wheelbase' => 1168.0], null],
    'nothing else is known' => [Spot::ChainstayLength, 1200.0, [], null],
]);
