<?php

declare(strict_types=1);

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Ground\Turn\Action;
use NeatSpindle\Core\Ground\Turn\Hand;
use NeatSpindle\Core\Ground\Turn\Posture;
use NeatSpindle\Core\Ground\Turn\Side;
use NeatSpindle\Core\Ground\Turn\Turn;
use NeatSpindle\Core\Sums\Line\Chain;
use NeatSpindle\Core\Sums\Line\Chainline;
use NeatSpindle\Core\Sums\Line\LineVerdict;
use NeatSpindle\Core\Sums\Line\TyreRoom;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Exchange\JobReader;

it('moves the whole line with the ring', function (): void {
    $bike = Cases::job()->bike;
    foreach ([-3.0, 0.0, 4.5, 11.0] as $outboard) {
        $line = Chainline::of($bike, $outboard);
        foreach ($line->cogs as $cog) {
            expect($cog->offset)->toEqualWithDelta($line->front - $cog->position, 1e-9)
                ->and(tan(deg2rad($cog->angle)) * $bike->rear->chainstayLength->value)->toEqualWithDelta(abs($cog->offset), 1e-6);
        }
        $offsets = array_map(fn ($cog) => abs($cog->offset), $line->cogs);
        expect(abs($line->straightest->offset))->toBe(min($offsets))
            ->and($line->weightedOffset)->toBeGreaterThanOrEqual(min($offsets))->toBeLessThanOrEqual(max($offsets));
    }
});

it('tells how far the chain stays off a wide tyre: further with the ring further out, nearer with a wider tyre, as far as it is doubted', function (): void {
    $worksheet = Cases::worksheet('fat-100-long-sleeve');
    $bike = $worksheet->job->bike;
    $room = fn (float $outboard, Measurement $tyre) => TyreRoom::of(
        Chainline::of($bike, $outboard), $bike->rear, $bike->wheelCircumference, $tyre,
    );
    $before = $room(5.0, Measurement::exactly(100.0));
    expect($room(8.0, Measurement::exactly(100.0))->value)->toBeGreaterThan($before->value)->toBeLessThan($before->value + 3.0)
        ->and($room(5.0, Measurement::exactly(110.0))->value)->toEqualWithDelta($before->value - 5.0, 0.2)
        ->and($room(5.0, Measurement::within(100.0, 2.0))->plusMinus)->toEqualWithDelta($before->plusMinus + 1.0, 1e-9)
        ->and($before->teeth)->toBe(max($bike->rear->cogs));

    // The largest cog of nine 4 mm apart, 190 mm over the locknuts, 6 mm in: 57 mm out; a ring at 63 mm; a wheel of 2 m, a tyre 100 mm wide.
    $document = Cases::document('fat-100-long-sleeve');
    $document->bike->rear = (object) [
        'old_mm' => 190, 'smallest_cog_inset_mm' => 6, 'cog_pitch_mm' => 4, 'chainstay_length_mm' => 450,
        'cogs' => [11, 13, 15, 17, 20, 23, 26, 30, 34],
    ];
    $document->bike->wheel_circumference_mm = 2000;
    $made = JobReader::read($document)->bike;
    $line = Chainline::of($made, 63.0 - $made->shell->width->value / 2 - $made->shell->offset);
    expect(TyreRoom::of($line, $made->rear, 2000.0, Measurement::exactly(100.0))->value)->toEqualWithDelta(6.98, 0.01);
    foreach ([[$before->value + 50.0, Verdict::Clear], [0.0, Verdict::Fails]] as [$free, $verdict]) {
        expect($room(5.0, Measurement::exactly(100.0 + 2 * ($before->value - $free)))->verdict)->toBe($verdict);
    }
});

it('judges several cogs by angle and a single one by offset', function (): void {
    expect(LineVerdict::ofAngle(1.5))->toBe(LineVerdict::Straight)
        ->and(LineVerdict::ofAngle(1.51))->toBe(LineVerdict::Usable)
        ->and(LineVerdict::ofAngle(3.01))->toBe(LineVerdict::Avoid)
        ->and(LineVerdict::ofSingleOffset(-1.5))->toBe(LineVerdict::Straight)
        ->and(LineVerdict::ofSingleOffset(-3.2))->toBe(LineVerdict::Avoid);
});

it('rounds a chain up to even links, two more for a derailleur', function (): void {
    mt_srand(5);
    for ($i = 0; $i < 200; $i++) {
        $document = Cases::document();
        $document->bike->rear->chainstay_length_mm = mt_rand(3800, 24000) / 10;
        $chain = Chain::of(JobReader::read($document)->bike->rear, Cases::job()->kit->ring);
        expect($chain->links % 2)->toBe(0)
            ->and($chain->links - 2 - $chain->exact)->toBeGreaterThan(-1e-6)->toBeLessThan(2.0);
    }
});

it('calls a chain worn by its class', function (array $cogs, float $twelve, bool $replace): void {
    $document = Cases::document();
    $document->bike->rear->cogs = $cogs;
    unset($document->bike->rear->use);
    $document->bike->rear->chain_12_links_mm = $twelve;
    expect(Chain::of(JobReader::read($document)->bike->rear, Cases::job()->kit->ring)->replace)->toBe($replace);
})->with([
    'nine, half a percent' => [range(11, 27, 2), 306.4, false],
    'nine, three quarters' => [range(11, 27, 2), 307.1, true],
    'eleven, half a percent' => [range(11, 31, 2), 306.4, true],
    'eleven, less' => [range(11, 31, 2), 306.2, false],
]);

it('turns every part by the rule, whatever the side and posture', function (
    Hand $hand, Action $action, Side $side, Posture $posture
): void {
    $turn = new Turn('part', $hand, $action, $side, $posture);
    $clockwise = ($hand === Hand::Right) === ($action === Action::Tighten);
    $frontRight = ($side === Side::Drive) !== ($posture === Posture::Inverted);

    expect($turn->rotation()->value)->toBe($clockwise ? 'clockwise' : 'anticlockwise')
        ->and($turn->handleTopGoesTo()->value)->toBe($clockwise === $frontRight ? 'front' : 'back');
})->with(Hand::cases())->with(Action::cases())->with(Side::cases())->with(Posture::cases());

it('loosens both pedals towards the back wheel, upright', function (): void {
    expect((new Turn('right pedal', Hand::Right, Action::Loosen, Side::Drive))->handleTopGoesTo()->value)->toBe('back')
        ->and((new Turn('left pedal', Hand::Left, Action::Loosen, Side::NonDrive))->handleTopGoesTo()->value)->toBe('back');
});
