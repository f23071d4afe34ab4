<?php

declare(strict_types=1);

use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\ReachableSums;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Parts\Drawer\SpacerSearch;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;
use NeatSpindle\Core\Parts\Drawer\Span;

/**
 * Every multiset there is, judged by the rule as it is written.
 *
 * @param  array<int, int>  $stock
 * @return list<int>|null
 */
function bruteForce(array $stock, Span $span): ?array
{
    $sets = [[]];
    krsort($stock);
    foreach ($stock as $thickness => $quantity) {
        $grown = [];
        foreach ($sets as $set) {
            for ($n = 0; $n <= $quantity; $n++) {
                $grown[] = [...$set, ...array_fill(0, $n, $thickness)];
            }
        }
        $sets = $grown;
    }
    $within = array_filter($sets, fn (array $set) => $span->holds((int) array_sum($set)));
    usort(
        $within,
        fn (array $a, array $b) => [
            $span->distance((int) array_sum($a)), count($a),
        ] <=> [$span->distance((int) array_sum($b)), count($b)] ?: $b <=> $a,
    );

    return $within[0] ?? null;
}

/** @return array<int, int> */
function someStock(): array
{
    $stock = [];
    for ($rows = mt_rand(0, 5); $rows > 0; $rows--) {
        $stock[mt_rand(1, 12) * (mt_rand(0, 1) === 0 ? 50 : 13)] = mt_rand(1, 3);
    }

    return $stock;
}

function someSpan(): Span
{
    $low = mt_rand(-100, 1500) / 100;

    return match (mt_rand(0, 2)) {
        0 => Span::atLeast(max(0.0, $low), mt_rand(0, 1000) / 100),
        1 => Span::snug($low, mt_rand(0, 30) / 100),
        default => Span::between($low - 0.5, $low + 0.5, $low),
    };
}

it('is as good as trying every set', function (): void {
    mt_srand(11);
    for ($i = 0; $i < 600; $i++) {
        [$stock, $span] = [someStock(), someSpan()];
        expect(SpacerSearch::over($stock)->best($span))->toBe(bruteForce($stock, $span));
    }
});

it('is as good as trying every set of what is left once some is gone', function (): void {
    mt_srand(14);
    for ($i = 0; $i < 600; $i++) {
        $rows = array_map(
            fn (int $n) => new SpacerRow(
                mt_rand(1, 14) * (mt_rand(0, 1) === 0 ? 25 : 30), mt_rand(1, 2), [SpacerUse::Drive, SpacerUse::Plate],
            ),
            range(1, mt_rand(1, 5)),
        );
        $drawer = new Drawer($rows);
        foreach ([Place::Drive, Place::Plate, Place::Drive] as $place) {
            $span = someSpan();
            $expected = bruteForce($drawer->stock($place->use()), $span);
            expect($drawer->choose($span, $place))->toBe($expected);
            $drawer = $drawer->without($expected ?? [], $place);
        }
    }
});

it('finds what only the whole table knows in a drawer of a hundred kinds', function (): void {
    $rows = array_map(fn (int $n) => new SpacerRow(3 * $n + 1, 2, [SpacerUse::Drive]), range(1, 100));
    $drawer = new Drawer($rows);
    $first = $drawer->choose(Span::between(20, 21, 20.5), Place::Drive);
    $rest = $drawer->without($first ?? [], Place::Drive);
    $second = $rest->choose(Span::between(20, 21, 20.5), Place::Drive);

    expect(array_sum($first ?? []))->toBe(2050)
        ->and($second)->toBe(SpacerSearch::over($rest->stock(SpacerUse::Drive))->best(Span::between(20, 21, 20.5)));
});

it('never beats its own limits, and never takes what is not there', function (): void {
    mt_srand(12);
    for ($i = 0; $i < 400; $i++) {
        [$stock, $span] = [someStock(), someSpan()];
        $set = SpacerSearch::over($stock)->best($span) ?? [];
        foreach (array_count_values($set) as $thickness => $count) {
            expect($count)->toBeLessThanOrEqual($stock[$thickness]);
        }
        if ($set !== []) {
            expect($span->holds((int) array_sum($set)))->toBeTrue();
        }
    }
});

it('does no worse with more in the drawer', function (): void {
    mt_srand(13);
    for ($i = 0; $i < 300; $i++) {
        [$stock, $span] = [someStock(), someSpan()];
        $before = SpacerSearch::over($stock)->best($span);
        $after = SpacerSearch::over($stock + [mt_rand(1, 900) => 1])->best($span);
        if ($before !== null) {
            expect($span->distance((int) array_sum($after ?? [])))->toBeLessThanOrEqual($span->distance((int) array_sum($before)));
        }
    }
});

it('prefers nearest, then fewest, then the thicker first', function (array $stock, Span $span, ?array $expected): void {
    expect(SpacerSearch::over($stock)->best($span))->toBe($expected);
})->with([
    'nearest' => [[300 => 1, 410 => 1], Span::atLeast(2.9, 25), [300]],
    'fewest pieces' => [[100 => 4, 200 => 2, 400 => 1], Span::atLeast(4, 25), [400]],
    'thicker first' => [[100 => 1, 200 => 2, 300 => 1], Span::atLeast(4, 25), [300, 100]],
    'thicker first on either side of the target' => [[50 => 1, 350 => 1, 300 => 2], Span::between(3, 7, 5), [350, 50]],
    'nothing needed' => [[100 => 1], Span::atLeast(0, 25), []],
    'nothing there' => [[], Span::atLeast(1, 25), null],
    'nothing fits' => [[500 => 2], Span::snug(4, 0.1), null],
    'a gap too small for anything' => [[50 => 2], Span::snug(0.3, 0.06), []],
]);

it('takes each piece from the first row that has it and serves the place', function (): void {
    $drawer = new Drawer([
        new SpacerRow(100, 0, [SpacerUse::Drive]),
        new SpacerRow(100, 1, [SpacerUse::Boss]),
        new SpacerRow(100, 1, [SpacerUse::Drive, SpacerUse::Boss]),
        new SpacerRow(100, 2, [SpacerUse::Drive]),
    ]);
    $left = $drawer->without([100, 100], Place::Drive);

    expect(array_map(fn (SpacerRow $row) => $row->quantity, $left->left()))->toBe([0, 1, 0, 1])
        ->and(array_map(fn (SpacerRow $row) => $row->quantity, $drawer->rows))->toBe([0, 1, 1, 2]);
});

it('lists just what can be made between two sums, and the nearest to either side', function (int $low, int $high): void {
    $sums = ReachableSums::upTo(400, [120 => 1, 50 => 2, 30 => 3]);
    $made = array_values(array_filter(range(0, 400), fn (int $sum) => $sums->cost($sum) !== null));
    $within = array_values(array_filter($made, fn (int $sum) => $sum >= $low && $sum <= $high));

    expect($sums->within($low, $high))->toBe($within)
        ->and($sums->atOrAbove($low))->toBe(array_values(array_filter($made, fn (int $sum) => $sum >= $low))[0] ?? null)
        ->and($sums->atOrBelow($high))->toBe($high < 0 ? null : max(array_filter($made, fn (int $sum) => $sum <= $high)));
})->with([[0, 400], [1, 29], [30, 30], [31, 200], [-5, 60], [310, 400], [399, 20], [-9, -1], [0, 0]]);
