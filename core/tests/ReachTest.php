<?php

declare(strict_types=1);

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Holding\Mount\Reach;
use NeatSpindle\Core\Holding\Reaction\GapBlock;
use NeatSpindle\Core\Parts\Part\NutSocket;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Tests\Cases;

it('reaches a nut only with a socket that is wide and deep enough', function (float $bore, float $depth, bool $reaches): void {
    expect(Reach::of(new NutSocket($bore, $depth), 24.0, 53.2)->reaches)->toBe($reaches);
})->with([[24.5, 53.2, true], [24.49, 60.0, false], [30.0, 53.19, false], [30.0, 80.0, true]]);

it('asks no depth where the spindle ends inside the nut', function (): void {
    expect(Reach::of(new NutSocket(30.0, 0.001), 24.0, -4.0))->neededDepth->toBe(0.0)->reaches->toBeTrue();
});

it('judges a block by a millimetre and both doubts', function (float $block, float $doubt, Verdict $verdict): void {
    expect((new GapBlock(Measurement::within($block, $doubt), Measurement::within(5.0, 0.1)))->verdict())->toBe($verdict);
})->with([[6.3, 0.1, Verdict::Clear], [6.1, 0.1, Verdict::Tight], [5.9, 0.0, Verdict::Fails]]);

it('finds each fault of what the second edition added at its pointer', function (callable $spoil, array $expected): void {
    sort($expected);
    expect(Cases::faultsAfter($spoil))->toBe($expected);
})->with([
    'a block without its soft thing' => [
        fn ($d) => $d->reaction = (object) ['nut_torque_nm' => 40, 'gap' => (object) ['block_mm' => 6]], ['/reaction/gap/soft_mm'],
    ],
    'a block of nothing' => [
        fn ($d) => $d->reaction = (object) [
            'nut_torque_nm' => 40, 'gap' => (object) ['block_mm' => 0, 'soft_mm' => (object) ['value' => -1]],
        ],
        ['/reaction/gap/block_mm', '/reaction/gap/soft_mm/value'],
    ],
    'a socket without depth' => [
        fn ($d) => $d->tools = (object) ['nut_socket' => (object) ['bore_mm' => 0]],
        ['/tools/nut_socket/bore_mm', '/tools/nut_socket/depth_mm'],
    ],
    'tools that are a list' => [fn ($d) => $d->tools = [1], ['/tools']],
    'a lock ring that is a number' => [
        fn ($d) => current((array) $d->catalogue->motors)->lockring = 3,
        ['/catalogue/motors/'.array_key_first((array) Cases::document()->catalogue->motors).'/lockring'],
    ],
    'locknuts measured twice over' => [
        fn ($d) => $d->bike->rear->old_mm = (object) ['value' => 135, 'readings' => [135]], ['/bike/rear/old_mm'],
    ],
    'an inset out of range' => [
        fn ($d) => $d->bike->rear->smallest_cog_inset_mm = (object) ['readings' => [5, 20_000]],
        ['/bike/rear/smallest_cog_inset_mm/readings/1'],
    ],
    'nothing, where it may be' => [function ($d): void {
        $d->tools = (object) ['nut_socket' => null];
        current((array) $d->catalogue->motors)->lockring = null;
    }, []],
]);
