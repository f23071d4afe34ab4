<?php

declare(strict_types=1);

use NeatSpindle\Core\Fitting\Battery\Misfit;
use NeatSpindle\Core\Fitting\Battery\Pack;
use NeatSpindle\Core\Fitting\Battery\PackFit;
use NeatSpindle\Core\Fitting\Battery\Triangle;

it('says why a pack does not go in', function (Triangle $triangle, Pack $pack, ?Misfit $misfit): void {
    expect(PackFit::of($triangle, $pack)->misfit)->toBe($misfit);
})->with([
    'tubes that do not meet' => [new Triangle(600, 300, 290), new Pack(100, 50), Misfit::NotATriangle],
    'one tube along the base' => [new Triangle(600, 300, 300), new Pack(100, 50), Misfit::NotATriangle],
    'a side too long for the others' => [new Triangle(100, 900, 200), new Pack(100, 50), Misfit::NotATriangle],
    'as high as the triangle' => [new Triangle(600, 500, 500), new Pack(10, 400, 0), Misfit::TooTall],
    'too high only with its gaps' => [new Triangle(600, 500, 500), new Pack(10, 385, 10), Misfit::TooTall],
    'just so long' => [new Triangle(600, 500, 500), new Pack(300, 200, 0), null],
    'a hair longer' => [new Triangle(600, 500, 500), new Pack(300.001, 200, 0), Misfit::TooLong],
]);

it('lays the pack where both its upper corners are inside the tubes', function (
    float $base, float $front, float $rear, float $height
): void {
    $triangle = new Triangle($base, $front, $rear);
    $pack = new Pack(1.0, $height);
    $fit = PackFit::of($triangle, $pack);
    [$start, $end] = [$fit->start, $fit->start + $fit->room];
    $slackAt = fn (float $x): float => min(
        $triangle->apexAt() > 0 ? $x * $triangle->height() / $triangle->apexAt() : INF,
        $triangle->apexAt() < $base ? ($base - $x) * $triangle->height() / ($base - $triangle->apexAt()) : INF,
    ) - $pack->standing();

    expect($fit->misfit)->toBeNull()
        ->and($start)->toBeGreaterThanOrEqual(Pack::USUAL_GAP)
        ->and($end)->toBeLessThanOrEqual($base - Pack::USUAL_GAP + 1e-9)
        ->and($slackAt($start - Pack::USUAL_GAP))->toBeGreaterThanOrEqual(-1e-6)
        ->and($slackAt($end + Pack::USUAL_GAP))->toBeGreaterThanOrEqual(-1e-6);
})->with([[560.0, 520.0, 420.0, 92.0], [600.0, 650.0, 200.0, 60.0], [600.0, 200.0, 650.0, 60.0], [600.0, 300.0, 700.0, 60.0]]);

it('has no less room for a lower pack, nor for one with a smaller gap', function (): void {
    $triangle = new Triangle(560, 520, 420);
    $room = fn (float $height, float $gap): float => PackFit::of($triangle, new Pack(1, $height, $gap))->room ?? 0.0;
    for ($height = 20.0; $height < 300.0; $height += 10.0) {
        expect($room($height, 10))->toBeGreaterThanOrEqual($room($height + 10, 10))
            ->and($room($height, 0))->toBeGreaterThanOrEqual($room($height, 10));
    }
});
