<?php

declare(strict_types=1);

use NeatSpindle\Core\Bike\BikeKind;
use NeatSpindle\Core\Bike\FrameMaterial;
use NeatSpindle\Core\Reaction\BodyPosition;
use NeatSpindle\Core\Reaction\BoomClamp;
use NeatSpindle\Core\Reaction\Bracing;
use NeatSpindle\Core\Reaction\GapContents;
use NeatSpindle\Core\Reaction\Reaction;
use NeatSpindle\Core\Reaction\Rest;
use NeatSpindle\Core\Reaction\ShellFace;
use NeatSpindle\Core\Reaction\ThreadState;
use NeatSpindle\Core\Reaction\Torquing;
use NeatSpindle\Core\Tests\Cases;

/** @return list<string> rests that suit */
function restsFor(BikeKind $kind, FrameMaterial $material = FrameMaterial::Aluminium, BodyPosition $position = BodyPosition::Below): array
{
    return array_values(array_map(fn (Rest $rest) => $rest->value, array_filter(Rest::cases(), fn (Rest $rest) => $rest->objection($kind, $material, $position) === null)));
}

it('offers only rests this frame has', function (BikeKind $kind, FrameMaterial $material, BodyPosition $position, array $rests): void {
    expect(restsFor($kind, $material, $position))->toEqualCanonicalizing($rests);
})->with([
    'a hardtail' => [BikeKind::Diamond, FrameMaterial::Aluminium, BodyPosition::Below, ['frame', 'block', 'tube_band', 'strut', 'seat_tube_clamp', 'stay_clamp']],
    'its body behind the shell' => [BikeKind::Diamond, FrameMaterial::Steel, BodyPosition::Behind, ['strut', 'seat_tube_clamp', 'stay_clamp']],
    'a carbon frame' => [BikeKind::Diamond, FrameMaterial::Carbon, BodyPosition::Below, ['frame', 'block', 'strut']],
    'a tadpole trike' => [BikeKind::TadpoleTrike, FrameMaterial::Aluminium, BodyPosition::Below, ['strut', 'boom_clamp']],
    'a box bike' => [BikeKind::BoxCargo, FrameMaterial::Steel, BodyPosition::Below, ['strut', 'seat_tube_clamp', 'stay_clamp']],
]);

it('always leaves something a body can rest on', function (BikeKind $kind): void {
    foreach (FrameMaterial::cases() as $material) {
        foreach (BodyPosition::cases() as $position) {
            expect(restsFor($kind, $material, $position))->not->toBe([]);
        }
    }
})->with(BikeKind::cases());

it('stops for something soft in the gap, unless what holds the body is not there', function (GapContents $gap, ?Rest $rest, bool $stops): void {
    $bracing = new Bracing(null, $rest, $gap, 100.0);
    expect($bracing->stop() !== null)->toBe($stops);
})->with([
    'a hose and nothing else' => [GapContents::Hose, null, true],
    'a hose under a block' => [GapContents::Hose, Rest::Block, true],
    'a wire on the frame' => [GapContents::Wire, Rest::Frame, true],
    'a cable beside a strut' => [GapContents::Cable, Rest::Strut, false],
    'a hose beside a band' => [GapContents::Hose, Rest::TubeBand, false],
    'a hard block' => [GapContents::Block, Rest::Block, false],
    'nothing, nothing chosen' => [GapContents::Nothing, null, false],
]);

it('wants a rest where the nut alone does not hold, and the radius of the one that is chosen', function (): void {
    $motor = Cases::job()->kit->motor;
    $weak = Reaction::of($motor->held->nut(), $motor->maxTorqueNm, new Torquing(46.0, ThreadState::Dry, ShellFace::Painted));
    $strong = Reaction::of($motor->held->nut(), $motor->maxTorqueNm, new Torquing(1000.0, ThreadState::Grease, ShellFace::Bare));

    expect((new Bracing($weak, null, GapContents::Nothing, null))->wanting())->toContain('choose what the body rests on')
        ->and((new Bracing(null, null, GapContents::Nothing, null))->wanting())->toContain('choose what the body rests on')
        ->and((new Bracing($strong, null, GapContents::Nothing, null))->wanting())->toBeNull()
        ->and((new Bracing($weak, Rest::Strut, GapContents::Nothing, null))->wanting())->toContain('Measure from the crank axis')
        ->and((new Bracing($weak, Rest::Strut, GapContents::Nothing, 90.0))->wanting())->toBeNull();
});

it('finds the clamp that goes round a boom, with the shim that fills it', function (): void {
    for ($diameter = 25.0; $diameter < 57.2; $diameter += 0.1) {
        $clamp = BoomClamp::for($diameter) ?? throw new LogicException('no clamp');
        expect($clamp->bore)->toBeGreaterThanOrEqual($diameter - 0.05 - 1e-9)
            ->and(abs($clamp->bore - 2 * $clamp->shim - $diameter))->toBeLessThan($clamp->shim > 0.0 ? 1e-9 : 0.6 + 1e-9);
    }
    expect(BoomClamp::for(57.3))->toBeNull();
});
