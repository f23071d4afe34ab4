<?php

declare(strict_types=1);

use NeatSpindle\Core\Measuring\Survey\Repeatability;

it('agrees with a textbook example of pooled spreads', function (): void {
    // Five sets with variances 1, 5/3, 4.5, 4.3 and 2.5 pool to (2 + 5 + 4.5 + 17.2 + 10) / 14.
    $pooled = Repeatability::of([
        [31.0, 30.0, 29.0], [42.0, 41.0, 40.0, 39.0], [31.0, 28.0], [23.0, 22.0, 21.0, 19.0, 18.0], [21.0, 20.0, 19.0, 18.0, 17.0],
    ]);
    expect($pooled->spread())->toEqualWithDelta(sqrt(38.7 / 14), 1e-12)
        ->and([$pooled->readings, $pooled->spots, $pooled->beyondTheFirst])->toBe([19, 5, 14])
        ->and($pooled->doubt())->toEqualWithDelta(2 * sqrt(38.7 / 14), 1e-12);
});

it('says nothing of what was read once, and offers nothing from too little', function (): void {
    expect(Repeatability::of([])->spread())->toBeNull()->and(Repeatability::of([[73.0], [68.0]])->spread())->toBeNull()
        ->and(Repeatability::of([[73.0, 73.02]])->doubt())->toBeNull()
        ->and(Repeatability::of([[73.0, 73.02]])->spread())->toEqualWithDelta(0.02 / M_SQRT2, 1e-12)
        ->and(Repeatability::of([[73.0], [68.0, 68.1]])->spots)->toBe(1);
});

it('does not mind where the spots lie, nor in which order they were read', function (): void {
    mt_srand(5);
    for ($i = 0; $i < 200; $i++) {
        $sets = array_map(fn () => array_map(fn () => mt_rand(0, 1000) / 1000, range(1, mt_rand(2, 6))), range(1, mt_rand(1, 8)));
        $moved = array_map(function (array $set): array {
            $by = mt_rand(-500, 500);
            shuffle($set);

            return array_map(fn (float $reading) => $reading + $by, $set);
        }, $sets);
        shuffle($moved);
        expect(Repeatability::of($moved)->spread())->toEqualWithDelta(Repeatability::of($sets)->spread(), 1e-9);
    }
});

it('finds the spread that readings were made with', function (): void {
    mt_srand(11);
    $normal = fn (): float => sqrt(-2 * log(mt_rand(1, mt_getrandmax()) / mt_getrandmax())) * cos(2 * M_PI * mt_rand() / mt_getrandmax());
    $sets = array_map(fn (int $i) => array_map(fn () => 40.0 + $i + 0.03 * $normal(), range(1, 5)), range(1, 2_000));
    expect(Repeatability::of($sets)->spread())->toEqualWithDelta(0.03, 0.001);
});
