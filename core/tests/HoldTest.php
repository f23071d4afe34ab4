<?php

declare(strict_types=1);

use NeatSpindle\Core\Choosing\Hold\DrawerToHold;
use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\DrawerPicker;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

/** @return list<Recipe> stacks of worked cases on shells that are somewhat wider or narrower */
function pastStacks(int $seed, int $count): array
{
    mt_srand($seed);
    $names = ['hardtail-73', 'hub-gear-68', 'yoke-on-68', 'press-fit-92'];
    $stacks = [];
    for ($i = 0; $i < $count; $i++) {
        $document = Cases::document($names[mt_rand(0, count($names) - 1)]);
        $width = $document->bike->shell->width_mm;
        $document->bike->shell->width_mm = (object) [
            'value' => (is_object($width) ? $width->value ?? $width->readings[0] : $width) + mt_rand(-12, 12) / 10, 'plus_minus' => 0.02,
        ];
        $stacks[] = Worksheet::of(JobReader::read($document))->recipe;
    }

    return $stacks;
}

/** @param  list<Recipe>  $stacks */
function clearWith(array $stacks, array $rows): int
{
    return count(
        array_filter($stacks, fn (Recipe $recipe) => $recipe->solve(new DrawerPicker(new Drawer($rows)))->verdict === Verdict::Clear),
    );
}

/** How few pieces do, by trying every set there is up to a size; null where none of them does. */
function fewestByTryingAll(array $stacks, array $kinds, int $wanted, int $most): ?int
{
    $sets = [array_fill(0, count($kinds), 0)];
    for ($size = 0; $size <= $most; $size++) {
        $bigger = [];
        foreach ($sets as $set) {
            $rows = array_map(fn (SpacerRow $kind, int $count) => new SpacerRow($kind->hundredths, $count, $kind->uses), $kinds, $set);
            if (clearWith($stacks, $rows) >= $wanted) {
                return $size;
            }
            foreach (array_keys($kinds) as $i) {
                $with = $set;
                $with[$i]++;
                $bigger[implode(' ', $with)] = $with;
            }
        }
        $sets = array_values($bigger);
    }

    return null;
}

it('finds the smallest set that trying everything finds', function (int $seed): void {
    $stacks = pastStacks($seed, 5);
    $both = [SpacerUse::Drive, SpacerUse::Plate, SpacerUse::Boss, SpacerUse::Nut];
    $kinds = [
        new SpacerRow(300, 0, $both), new SpacerRow(150, 0, $both), new SpacerRow(100, 0, [SpacerUse::Drive]), new SpacerRow(50, 0, $both),
        new SpacerRow(30, 0, [SpacerUse::Plate]),
    ];
    $sizes = [];
    foreach ([0.4, 0.8, 1.0] as $share) {
        $found = DrawerToHold::of($stacks, $kinds, $share);
        expect($found->clear)->toBeGreaterThanOrEqual($found->wanted)->and(clearWith($stacks, $found->rows))->toBe($found->clear)
            ->and($found->atLeast)->toBeLessThanOrEqual($found->size());
        expect(fewestByTryingAll($stacks, $kinds, $found->wanted, $found->size()))->toBe($found->size())
            ->and($found->isLeast())->toBeTrue();
        $sizes[] = $found->size();
    }
    expect(max($sizes))->toBeGreaterThan(0);
})->with([1, 2, 3, 5, 6, 7, 8, 10, 12]);

it('proves it where it is small, and finds no set for what no spacer helps', function (): void {
    $stacks = pastStacks(3, 4);
    $both = [SpacerUse::Drive, SpacerUse::Plate];
    $found = DrawerToHold::of($stacks, [new SpacerRow(200, 0, $both), new SpacerRow(100, 0, $both), new SpacerRow(50, 0, $both)], 1.0);
    expect($found->isLeast())->toBeTrue()->and($found->jobs)->toBe(4);
    $none = DrawerToHold::of($stacks, [new SpacerRow(2000, 0, $both)], 1.0);
    expect($none->wanted)->toBe(4 - $none->helpless)->and($none->clear)->toBeGreaterThanOrEqual($none->wanted);
    expect(DrawerToHold::of([], [], 0.95)->size())->toBe(0);
});

it('recounts what a whole trade’s drawer should hold by the stacks themselves, with a bound beside it', function (): void {
    $stacks = pastStacks(9, 40);
    $kinds = Cases::worksheet('hardtail-73')->job->catalogue->drawer->rows;
    $found = DrawerToHold::of($stacks, $kinds, 0.95);
    expect(clearWith($stacks, $found->rows))->toBe($found->clear)->and($found->clear)->toBeGreaterThanOrEqual($found->wanted)
        ->and($found->atLeast)->toBeGreaterThan(0)->and($found->atLeast)->toBeLessThanOrEqual($found->size());
    foreach ($found->rows as $i => $row) {
        $fewer = $found->rows;
        $fewer[$i] = $row->withLess(1);
        expect(clearWith($stacks, $fewer))->toBeLessThan($found->wanted);
    }
});
