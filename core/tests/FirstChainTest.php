<?php

declare(strict_types=1);

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Sums\Line\FirstChain;
use NeatSpindle\Core\Sums\Margin\Verdict;

function hung(float $run, float $play, float $doubt = 0.0): FirstChain
{
    return new FirstChain(Measurement::exactly($run), Measurement::within($play, $doubt), null, null);
}

it('judges the sag by half of what the middle moves', function (float $play, float $doubt, Verdict $verdict, bool $isTooSlack): void {
    $chain = hung(200.0, $play, $doubt);
    expect($chain->sag()?->value)->toEqualWithDelta($play / 4, 1e-9)
        ->and($chain->hangs())->toBe($verdict)
        ->and($chain->isTooSlack())->toBe($isTooSlack);
})->with([
    'taut' => [2.0, 0.0, Verdict::Fails, false],
    'just enough' => [4.0, 0.0, Verdict::Clear, false],
    'just enough, read roughly' => [4.4, 0.5, Verdict::Tight, false],
    'in the middle' => [8.0, 0.5, Verdict::Clear, false],
    'slack' => [14.0, 0.5, Verdict::Fails, true],
]);

it('says what the middle should move: just that is right, a little more or less is not', function (float $run): void {
    [$least, $most] = hung($run, 1.0)->playWanted() ?? [0.0, 0.0];
    expect(hung($run, $least)->hangs())->toBe(Verdict::Clear)
        ->and(hung($run, $most)->hangs())->toBe(Verdict::Clear)
        ->and(hung($run, $least - 0.01)->hangs())->toBe(Verdict::Fails)
        ->and(hung($run, $most + 0.01)->hangs())->toBe(Verdict::Fails);
})->with([120.0, 182.0, 400.0]);

it('judges the arm by the end it is nearer to, and nothing that is not measured', function (): void {
    $arm = fn (?float $in, ?float $out) => new FirstChain(
        null, null, $in === null ? null : Measurement::within($in, 0.5), $out === null ? null : Measurement::within($out, 0.5),
    );

    expect($arm(null, null)->arm())->toBeNull()
        ->and($arm(null, null)->hangs())->toBeNull()
        ->and($arm(12.0, 9.0)->arm())->toBe(Verdict::Clear)
        ->and($arm(12.0, 5.2)->arm())->toBe(Verdict::Tight)
        ->and($arm(2.0, 20.0)->arm())->toBe(Verdict::Fails)
        ->and($arm(2.0, 20.0)->isArmSpent())->toBeTrue()
        ->and($arm(20.0, 2.0)->isArmSpent())->toBeFalse();
});
