<?php

declare(strict_types=1);

use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Holding\Reaction\FaceSize;
use NeatSpindle\Core\Holding\Reaction\Reaction;
use NeatSpindle\Core\Holding\Reaction\ShellFace;
use NeatSpindle\Core\Holding\Reaction\ThreadState;
use NeatSpindle\Core\Holding\Reaction\Torquing;
use NeatSpindle\Core\Measuring\Frame\Kind\Shapes;
use NeatSpindle\Core\Tests\Cases;

it('holds by friction what the clamp gives, and leaves the rest to the rest', function (): void {
    $motor = Cases::job('hardtail-73')->kit->motor;
    $nut = $motor->held->nut;
    $reaction = Reaction::of(
        $motor->held->nut(), $motor->maxTorqueNm, new Torquing(50.0, ThreadState::Threadlocker, ShellFace::Bare, FaceSize::of(), 120.0),
    );

    $preload = 50.0 / (0.17 * $nut->threadMajor / 1000);
    $hold = 2 * 0.20 * $preload * 0.0185;
    expect($reaction?->preload)->toEqualWithDelta($preload, 1e-6)
        ->and($reaction?->hold)->toEqualWithDelta($hold, 1e-6)
        ->and($reaction?->restLoad)->toEqualWithDelta(max(0.0, $motor->maxTorqueNm - $hold) / 0.12, 1e-6)
        ->and($reaction?->leftForTheRest())->toEqualWithDelta(max(0.0, $motor->maxTorqueNm - $hold), 1e-9);
});

it('holds more on bare faces than on painted, and more greased than dry', function (): void {
    $motor = Cases::job('hardtail-73')->kit->motor;
    $hold = fn (ThreadState $thread, ShellFace $face) => Reaction::of(
        $motor->held->nut(), $motor->maxTorqueNm, new Torquing(45.0, $thread, $face),
    )->hold;

    expect($hold(ThreadState::Dry, ShellFace::Bare))->toBeGreaterThan($hold(ThreadState::Dry, ShellFace::Painted))
        ->and($hold(ThreadState::Grease, ShellFace::Painted))->toBeGreaterThan($hold(ThreadState::Threadlocker, ShellFace::Painted))
        ->and($hold(ThreadState::Threadlocker, ShellFace::Painted))->toBeGreaterThan($hold(ThreadState::Dry, ShellFace::Painted));
});

it('has nothing to say of a motor without a nut', function (string $name): void {
    expect(Cases::job($name)->kit->motor->held->nut())->toBeNull()->and(Cases::worksheet($name)->reaction)->toBeNull();
})->with(['yoke-on-68', 'twin-plate-92']);

it('draws the tubes that leave this frame’s shell, and no others', function (BikeKind $kind, array $names): void {
    $tubes = Shapes::of($kind, [])->tubesAtTheCrank();
    expect(array_column($tubes, 'name'))->toEqualCanonicalizing($names);
    foreach ($tubes as $tube) {
        expect(abs($tube['bearing']))->toBeLessThanOrEqual(180.0);
    }
})->with([
    [BikeKind::Diamond, ['seat-tube', 'down-tube', 'chainstay']],
    [BikeKind::StepThrough, ['seat-tube', 'down-tube', 'chainstay']],
    [BikeKind::TadpoleTrike, ['boom']],
    [BikeKind::DeltaTrike, ['boom']],
    [BikeKind::FourWheeler, ['mast']],
]);
