<?php

declare(strict_types=1);

use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Donor\Bike\FrameMaterial;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Holding\Reaction\Bracing;
use NeatSpindle\Core\Holding\Reaction\GapBlock;
use NeatSpindle\Core\Holding\Reaction\GapContents;
use NeatSpindle\Core\Holding\Reaction\Reaction;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Holding\Reaction\ShellFace;
use NeatSpindle\Core\Holding\Reaction\ThreadState;
use NeatSpindle\Core\Holding\Reaction\Torquing;
use NeatSpindle\Core\Holding\Reaction\TubeClamp;
use NeatSpindle\Core\Tests\Cases;

/** @return list<string> rests that suit */
function restsFor(BikeKind $kind, FrameMaterial $material = FrameMaterial::Aluminium, BodyPosition $position = BodyPosition::Below): array
{
    return array_values(
        array_map(
            fn (Rest $rest) => $rest->value,
            array_filter(Rest::cases(), fn (Rest $rest) => $rest->objection($kind, $material, $position) === null),
        ),
    );
}

it('offers only rests this frame has', function (BikeKind $kind, FrameMaterial $material, BodyPosition $position, array $rests): void {
    expect(restsFor($kind, $material, $position))->toEqualCanonicalizing($rests);
})->with([
    'a hardtail' => [
        BikeKind::Diamond, FrameMaterial::Aluminium, BodyPosition::Below, ['frame', 'block', 'tube_band', 'strut', 'stay_clamp'],
    ],
    'its body behind the shell' => [
        BikeKind::Diamond, FrameMaterial::Steel, BodyPosition::Behind, ['strut', 'seat_tube_clamp', 'stay_clamp'],
    ],
    'its body above the shell' => [
        BikeKind::Diamond, FrameMaterial::Steel, BodyPosition::Above, ['strut', 'seat_tube_clamp', 'stay_clamp', 'seat_pad'],
    ],
    'a carbon frame' => [BikeKind::Diamond, FrameMaterial::Carbon, BodyPosition::Below, ['frame', 'block', 'strut']],
    'a tadpole trike' => [BikeKind::TadpoleTrike, FrameMaterial::Aluminium, BodyPosition::Below, ['strut', 'boom_clamp']],
    'a box bike' => [BikeKind::BoxCargo, FrameMaterial::Steel, BodyPosition::Below, ['strut', 'stay_clamp']],
]);

it('always leaves something a body can rest on', function (BikeKind $kind): void {
    foreach (FrameMaterial::cases() as $material) {
        foreach (BodyPosition::cases() as $position) {
            expect(restsFor($kind, $material, $position))->not->toBe([]);
        }
    }
})->with(BikeKind::cases());

it('stops for something soft in the gap, unless what holds the body is not there', function (
    GapContents $gap, ?Rest $rest, bool $stops
): void {
    $bracing = new Bracing(null, $rest, $gap, 100.0);
    expect($bracing->stop() !== null)->toBe($stops);
})->with([
    'a hose and nothing else' => [GapContents::Hose, null, true],
    'a hose under a block' => [GapContents::Hose, Rest::Block, true],
    'a wire on the frame' => [GapContents::Wire, Rest::Frame, true],
    'a cable beside a strut' => [GapContents::Cable, Rest::Strut, false],
    'a hose under a band' => [GapContents::Hose, Rest::TubeBand, true],
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

it('lets a hard block stand beside something soft when it is surely thick enough', function (float $block, bool $stops): void {
    $between = new GapBlock(Measurement::within($block, 0.1), Measurement::within(5.0, 0.3));
    expect((new Bracing(null, Rest::Block, GapContents::Hose, 100.0, between: $between))->stop() !== null)->toBe($stops);
})->with([[6.3, true], [6.5, false]]);

it('leaves it to the maker of a carbon frame whether something may bear on it, and asks who said so', function (Rest $rest, ?string $said, bool $stops): void {
    expect((new Bracing(null, $rest, GapContents::Nothing, 100.0, FrameMaterial::Carbon, $said))->stop() !== null)->toBe($stops);
})->with([
    'on the down tube, nobody asked' => [Rest::Frame, null, true],
    'blanks are no answer' => [Rest::Strut, '  ', true],
    'the maker was asked' => [Rest::Strut, 'Letter of the maker, 3 March', false],
]);

it('takes the clamp that fits a tube, or the next with a shim of at most a millimetre, or has it ordered', function (
    float $diameter, ?string $size, float $shim
): void {
    $clamp = TubeClamp::for($diameter);
    expect($clamp->size?->name)->toBe($size)->and($clamp->shim)->toEqualWithDelta($shim, 0.01)->and($clamp->words())->not->toBe('');
})->with([
    'whole millimetres' => [40.0, '40 mm', 0.0],
    'inches' => [38.1, '38 mm', 0.0],
    'an inch and a half, a little under' => [38.15, '38 mm', 0.0],
    'two inches' => [50.7, '2 in', 0.0],
    'between two sizes' => [47.0, '48 mm', 0.5],
    'one that no table had' => [52.0, '52 mm', 0.0],
    'thicker than any' => [95.0, null, 0.0],
]);

it('has no clamp that needs a thicker shim than a millimetre', function (): void {
    foreach (range(200, 900) as $tenths) {
        $clamp = TubeClamp::for($tenths / 10);
        expect($clamp->shim)->toBeLessThanOrEqual(1.0);
        expect($clamp->size)->not->toBeNull();
        if ($clamp->size !== null) {
            expect($clamp->size->fits($tenths / 10) || $clamp->size->bore > $tenths / 10)->toBeTrue();
        }
    }
});
