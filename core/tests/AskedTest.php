<?php

declare(strict_types=1);

use NeatSpindle\Core\Ground\Measure\TorqueUnit;
use NeatSpindle\Core\Holding\Build\Asked;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Compound;
use NeatSpindle\Core\Holding\Build\Standing;
use NeatSpindle\Core\Holding\Build\Ticks;
use NeatSpindle\Core\Tests\Cases;

it('says what is asked otherwise than it was, and holds against nobody what was not written down', function (array $kept, array $differs): void {
    $now = Asked::of(['the ring' => 'deep-40', 'the motor' => 'heron'], [8.0, 10.0], Compound::Grease);
    expect(Asked::read($kept)->differsFrom($now))->toBe($differs)->and($now->isOtherThan(Asked::read($kept)))->toBe($differs !== []);
})->with([
    'the same' => [['things' => ['the ring' => 'deep-40'], 'torque_nm' => [8, 10], 'compound' => 'grease'], []],
    'nothing written down' => [[], []],
    'another ring' => [['things' => ['the ring' => 'half-36']], ['the ring: half-36 then, deep-40 now']],
    'something that is asked no more' => [['things' => ['the insert' => 'x']], []],
    'another band' => [['torque_nm' => [8, 11]], ['the band: 8.0 to 11.0 N·m then, 8.0 to 10.0 N·m now']],
    'a band nobody knew' => [['torque_nm' => null], ['the band: not known then, 8.0 to 10.0 N·m now']],
    'another compound' => [['compound' => null], ['on it: nothing then, grease, a thin film now']],
    'what cannot be read' => [
        ['things' => 'x', 'torque_nm' => ['a'], 'compound' => 7],
        ['the band: not known then, 8.0 to 10.0 N·m now', 'on it: nothing then, grease, a thin film now'],
    ],
]);

it('says a band in the unit of who reads it', function (): void {
    expect(Asked::of([], [10.0, 20.0])->differsFrom(Asked::of([], [30.0, 40.0]), TorqueUnit::FootPound)[0])->toContain('ft·lb');
});

it('opens a step that is asked otherwise and all that rests on it, and nothing else', function (): void {
    $standing = Standing::of(['a' => [], 'b' => ['a'], 'c' => ['b'], 'd' => []], ['a' => 1, 'b' => 2, 'c' => 3, 'd' => 4], ['b']);
    expect($standing->done())->toBe(['a', 'd'])->and($standing->reopened())->toBe(['b' => 'b', 'c' => 'b']);
});

it('lets no tick stand under another part, at whichever step of a sheet', function (): void {
    $sheet = Cases::worksheet()->buildSheet() ?? throw new LogicException('no sheet');
    $done = array_combine(array_column($sheet->steps, 'code'), array_keys($sheet->steps));
    $asked = array_map(fn (BuildStep $step) => $step->asked(), array_combine(array_keys($done), $sheet->steps));
    expect(Ticks::of($sheet, $done, [], [], $asked)->done)->toBe(array_keys($done));
    $tried = 0;
    foreach ($sheet->steps as $step) {
        foreach (array_keys($step->takes) as $what) {
            $other = Asked::of([...$step->takes, $what => 'another'], null, null);
            $ticks = Ticks::of($sheet, $done, [], [], [...$asked, $step->code => $other]);
            $rests = array_filter(
                $sheet->steps,
                fn (BuildStep $one) => $one->code === $step->code || in_array($step->code, $sheet->allBefore($one->code), true),
            );
            expect(array_keys($ticks->reopened))->toEqualCanonicalizing(array_column($rests, 'code'));
            $tried++;
        }
    }
    expect($tried)->toBeGreaterThan(12);
});
