<?php

declare(strict_types=1);

use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Whole\Logbook\FramePrint;
use NeatSpindle\Core\Whole\Logbook\Likeness;
use NeatSpindle\Core\Whole\Prove\Found;
use NeatSpindle\Core\Whole\Prove\RecheckPlan;

function anyFrame(): FramePrint
{
    $usual = [
        'shell_width' => 73, 'shell_bore' => 34, 'stay_45' => 0, 'stay_64' => 4, 'stay_80' => 6, 'stay_112' => 12, 'over_locknuts' => 135,
        'chainstay_length' => 450, 'guide_depth' => 3, 'bar_to_head' => 250,
    ];
    $measures = [];
    foreach ($usual as $spot => $mm) {
        if (mt_rand(0, 3) > 0) {
            $measures[$spot] = $mm + mt_rand(-200, 200) / 10;
        }
    }

    return new FramePrint(BikeKind::cases()[mt_rand(0, 9)], $measures);
}

it('finds two frames as like as each other, and none liker than itself', function (): void {
    mt_srand(231);
    $frames = array_map(fn () => anyFrame(), range(1, 80));
    foreach ($frames as $one) {
        expect(Likeness::between($one, $one))->toEqualWithDelta(1.0, 1e-12);
        foreach ($frames as $other) {
            $like = Likeness::between($one, $other);
            expect($like)->toEqualWithDelta(Likeness::between($other, $one), 1e-12)->and($like)->toBeBetween(0.0, 1.0 + 1e-12);
        }
    }
});

it('weighs what matters when a motor is fitted, and nothing else', function (): void {
    $frame = fn (BikeKind $kind, float ...$measures) => new FramePrint($kind, $measures);
    $hardtail = $frame(BikeKind::Diamond, shell_width: 73.0, stay_64: 3.0, bar_to_head: 250.0);
    expect(Likeness::between($hardtail, $frame(BikeKind::Diamond, shell_width: 73.0, stay_64: 3.0, bar_to_head: 900.0)))
        ->toEqualWithDelta(1.0, 1e-12)
        ->and(Likeness::between($hardtail, $frame(BikeKind::Diamond, shell_width: 74.0, stay_64: 3.0)))
        ->toBeGreaterThan(Likeness::between($hardtail, $frame(BikeKind::Diamond, shell_width: 83.0, stay_64: 3.0)))
        ->and(Likeness::between($hardtail, $frame(BikeKind::Fat, shell_width: 73.0, stay_64: 3.0)))->toBeLessThan(0.7)
        ->and(Likeness::between($hardtail, $frame(BikeKind::Diamond)))->toBeGreaterThan(0.5)->toBeLessThan(0.9);
});

it('makes a finding of what was bad twice, however it was bad', function (): void {
    $findings = RecheckPlan::findings([
        [
            'nut' => Found::Loose, 'ring' => Found::Moved, 'ties' => Found::Held,
        ], ['nut' => Found::Held, 'ring' => Found::Held], ['nut' => Found::Moved, 'ties' => Found::Frayed],
    ]);
    expect($findings)->toBe(['nut' => [Found::Moved, 2]])->and(RecheckPlan::findings([]))->toBe([]);
});
