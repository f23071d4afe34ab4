<?php

declare(strict_types=1);

use NeatSpindle\Core\Holding\Build\Standing;

it('opens again what rests on something undone, done again, or never done', function (array $done, array $stands, array $reopened): void {
    $needs = ['a' => [], 'b' => ['a'], 'c' => ['b', 'gone from the sheet'], 'd' => []];
    $standing = Standing::of($needs, $done);
    expect($standing->done())->toEqualCanonicalizing($stands)->and($standing->reopened())->toBe($reopened);
})->with([
    'in order' => [['a' => 1, 'b' => 2, 'c' => 3, 'd' => 4], ['a', 'b', 'c', 'd'], []],
    'undone under them' => [['b' => 2, 'c' => 3, 'd' => 4], ['d'], ['b' => 'a', 'c' => 'a']],
    'done again under them' => [['a' => 9, 'b' => 2, 'c' => 3], ['a'], ['b' => 'a', 'c' => 'a']],
    'done again in the middle' => [['a' => 1, 'b' => 9, 'c' => 3], ['a', 'b'], ['c' => 'b']],
    'not of this sheet' => [['x' => 1], [], []],
]);

it('lets nothing stand whose needs do not, whatever was done in whatever order', function (): void {
    mt_srand(21);
    for ($round = 0; $round < 2_000; $round++) {
        $needs = ['s0' => []];
        for ($i = 1; $i < 12; $i++) {
            $needs["s{$i}"] = array_values(array_unique(array_map(fn () => 's'.mt_rand(0, $i - 1), range(1, mt_rand(1, 3)))));
        }
        $done = [];
        foreach (array_keys($needs) as $code) {
            mt_rand(0, 5) === 0 ?: $done[$code] = mt_rand(0, 2) === 0 ? mt_rand(1, 60) : 5 * (int) substr($code, 1) + 1;
        }
        $stands = Standing::of($needs, $done)->done();
        foreach (array_keys($done) as $code) {
            $isBuiltOnWhatStands = array_reduce(
                $needs[$code], fn (bool $all, string $before) => $all && in_array($before, $stands, true)
                    && $done[$before] <= $done[$code], true,
            );
            expect(in_array($code, $stands, true))->toBe($isBuiltOnWhatStands);
        }
    }
});
