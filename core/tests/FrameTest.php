<?php

declare(strict_types=1);

use NeatSpindle\Core\Bike\BikeKind;
use NeatSpindle\Core\Catalogue\Mounts;
use NeatSpindle\Core\Frame\BalloonLayout;
use NeatSpindle\Core\Frame\BikeShape;
use NeatSpindle\Core\Frame\Kind\Shapes;
use NeatSpindle\Core\Margin\Source;
use NeatSpindle\Core\Measure\Measurement;
use NeatSpindle\Core\Survey\EarlyWidth;
use NeatSpindle\Core\Survey\Spot;
use NeatSpindle\Core\Survey\SpotKind;
use NeatSpindle\Core\Survey\SpotWords;
use NeatSpindle\Core\Survey\SurveyPlan;

/** Two very different sets of measures. */
const SMALL = ['chainstay_length' => 400.0, 'seat_tube' => 360.0, 'top_tube' => 500.0, 'wheel' => 1600.0, 'wheelbase' => 950.0, 'front_wheel' => 1250.0, 'boom_length' => 300.0, 'boom_diameter' => 40.0];
const LARGE = ['chainstay_length' => 520.0, 'seat_tube' => 620.0, 'top_tube' => 640.0, 'wheel' => 2350.0, 'wheelbase' => 1500.0, 'front_wheel' => 2100.0, 'boom_length' => 600.0, 'boom_diameter' => 70.0];

it('hangs every balloon where a finger finds it, on every kind, small and large', function (BikeKind $kind, array $measures, float $apart): void {
    $shape = Shapes::of($kind, $measures);
    $spots = SurveyPlan::for($kind);
    $hung = BalloonLayout::of($shape, $spots, $apart);
    expect(array_keys($hung))->toBe(array_column($spots, 'value'));
    $places = array_values($hung);
    foreach ($places as $i => $one) {
        expect(is_finite($one->x) && is_finite($one->y))->toBeTrue();
        foreach (array_slice($places, $i + 1) as $other) {
            expect($one->distanceTo($other))->toBeGreaterThanOrEqual($apart);
        }
    }
})->with(BikeKind::cases())->with(['typical' => [[]], 'small' => [SMALL], 'large' => [LARGE]])->with([92.0, 150.0]);

it('draws a kind from its measures', function (BikeKind $kind): void {
    $small = Shapes::of($kind, SMALL);
    $large = Shapes::of($kind, LARGE);
    $wheelbase = fn (BikeShape $shape) => $shape->frontWheel()->axle->x - $shape->rearWheel()->axle->x;

    expect($wheelbase($small))->toEqualWithDelta(950.0, 1e-6)
        ->and($wheelbase($large))->toEqualWithDelta(1500.0, 1e-6)
        ->and($large->rearWheel()->radius)->toEqualWithDelta(2350 / (2 * M_PI), 1e-9)
        ->and($small->ground())->toEqualWithDelta($small->frontWheel()->axle->y - $small->frontWheel()->radius, 1.0);
})->with(BikeKind::cases());

it('asks only what makes sense for a kind', function (BikeKind $kind, array $has, array $hasNot): void {
    $codes = array_column(SurveyPlan::for($kind), 'value');
    expect($codes)->toContain('shell_width', 'cups_width', 'cogs', ...$has)->and(array_intersect($codes, $hasNot))->toBe([]);
})->with([
    [BikeKind::Diamond, ['stay_64', 'down_tube'], ['boom_length', 'chain_path', 'front_wheel', 'bucket']],
    [BikeKind::TadpoleTrike, ['boom_length', 'boom_diameter', 'chain_path', 'front_wheel'], ['stay_64', 'down_tube', 'seat_tube', 'bucket']],
    [BikeKind::BoxCargo, ['guard', 'bucket', 'front_wheel', 'stay_64'], ['boom_length']],
    [BikeKind::FourWheeler, ['chain_path'], ['stay_45', 'boom_length', 'bar_to_head']],
]);

it('asks at every spot on some kind of bike or for some mount, and at none twice', function (): void {
    $asked = [];
    foreach (BikeKind::cases() as $kind) {
        foreach (Mounts::all() as $mount) {
            $codes = array_column(SurveyPlan::for($kind, $mount->spots()), 'value');
            expect(array_unique($codes))->toBe($codes);
            array_push($asked, ...$codes);
        }
    }
    expect(array_values(array_unique($asked)))->toEqualCanonicalizing(array_column(Spot::cases(), 'value'));
});

it('knows all there is to know of every spot, and of nothing else', function (): void {
    $codes = array_column(Spot::cases(), 'value');
    expect(array_keys(SpotWords::ALL))->toBe($codes);
    foreach (Spot::cases() as $spot) {
        expect($spot->label() !== '' && $spot->how() !== '' && $spot->why() !== '')->toBeTrue()
            ->and($spot->kind()->isMeasured())->toBe($spot->instrument() !== null && $spot->least() < $spot->most())
            ->and($spot->kind() === SpotKind::Choice)->toBe($spot->choices() !== []);
    }
});

it('finds the spot where a figure of a sum was read', function (): void {
    expect(Spot::whereRead(Source::ShellWidth))->toBe(Spot::ShellWidth)
        ->and(Spot::whereRead(Source::Chainstay, 70.0))->toBe(Spot::Stay64)
        ->and(Spot::whereRead(Source::Chainstay, 300.0))->toBe(Spot::Stay112)
        ->and(Spot::whereRead(Source::Catalogue))->toBeNull();
});

it('tells the width from the cups, with the doubt of both flanges and what they hide', function (): void {
    $width = EarlyWidth::from(Measurement::within(72.4, 0.02), Measurement::within(2.1, 0.02));
    expect($width->value)->toEqualWithDelta(68.2, 1e-9)->and($width->plusMinus)->toEqualWithDelta(0.56, 1e-9);
});
