<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Order;

use Generator;
use NeatSpindle\Core\Donor\Bike\Doubtful;
use NeatSpindle\Core\Donor\Bike\Scenario;
use NeatSpindle\Core\Holding\Mount\DoubtAxis;
use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\DrawerPicker;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;

use function array_slice;
use function count;

/**
 * Whether a drawer builds a stack for every truth inside the doubt. A recipe's demands come in whole
 * hundredths, so its answers change at its break points only: those and the stretches between them are all
 * the truths there are.
 *
 * What follows a place depends on the doubt that decides it only through the pieces there, so one truth for
 * each choice of pieces stands for all that lead to it.
 */
final class Proof
{
    /** @var list<Recipe> what a drawer failed for before is asked first */
    private array $telling = [];

    /** @var array<string, Recipe> */
    private array $settled = [];

    /** @var non-empty-list<DoubtAxis> */
    private readonly array $axes;

    public function __construct(private readonly Recipe $recipe)
    {
        $this->axes = $recipe->axes();
    }

    public function holds(Drawer $drawer): bool
    {
        return $this->firstUnbuilt($drawer) === null;
    }

    public function firstUnbuilt(Drawer $drawer): ?Unbuilt
    {
        foreach ($this->telling as $recipe) {
            $stack = $recipe->solve(new DrawerPicker($drawer));
            if (! $stack->isBuilt()) {
                return new Unbuilt($recipe, $stack);
            }
        }
        foreach ($this->shifts($drawer) as $shifts) {
            $recipe = $this->settled($shifts);
            $stack = $recipe->solve(new DrawerPicker($drawer));
            if (! $stack->isBuilt()) {
                $this->telling[] = $recipe;

                return new Unbuilt($recipe, $stack);
            }
        }

        return null;
    }

    /** @return list<int> the most that is taken of each row of a drawer, over all truths */
    public function most(Drawer $drawer): array
    {
        $there = $drawer->left();
        $most = array_map(fn () => 0, $there);
        foreach ($this->shifts($drawer) as $shifts) {
            $left = $this->settled($shifts)->solve(new DrawerPicker($drawer))->leftOf($drawer);
            $most = array_map(fn (int $so, SpacerRow $row, SpacerRow $rest) => max($so, $row->quantity - $rest->quantity), $most,
                $there, $left);
        }

        return $most;
    }

    /** How many truths there are to tell apart with a drawer. */
    public function truths(Drawer $drawer): int
    {
        return iterator_count($this->shifts($drawer));
    }

    /**
     * Doubt by doubt: of the truths of each but the last, one for each choice of pieces it leads to.
     *
     * @return Generator<int, array<value-of<Doubtful>, float>>
     */
    private function shifts(Drawer $drawer): Generator
    {
        $kept = [[]];
        foreach (array_slice($this->axes, 0, -1) as $axis) {
            $kept = array_merge(...array_map(fn (array $shifts) => $this->tellingApart($axis, $shifts, $drawer), $kept));
        }
        $last = $this->axes[count($this->axes) - 1];
        $points = self::coarsestFirst($last->points);
        foreach ($kept as $shifts) {
            foreach ($points as $point) {
                yield [$last->doubtful->value => $point] + $shifts;
            }
        }
    }

    /**
     * What fails mostly fails over a stretch: far apart first, then what lies between.
     *
     * @param  non-empty-list<float>  $points
     * @return list<float>
     */
    private static function coarsestFirst(array $points): array
    {
        $order = array_keys($points);
        usort($order, fn (int $a, int $b) => [$a % 32 !== 0, $a % 8 !== 0, $a] <=> [$b % 32 !== 0, $b % 8 !== 0, $b]);

        return array_map(fn (int $i) => $points[$i], $order);
    }

    /**
     * @param  array<value-of<Doubtful>, float>  $shifts
     * @return list<array<value-of<Doubtful>, float>>
     */
    private function tellingApart(DoubtAxis $axis, array $shifts, Drawer $drawer): array
    {
        $kept = [];
        foreach ($axis->points as $point) {
            $truth = [$axis->doubtful->value => $point] + $shifts;
            $pieces = $this->settled($truth)->solve(new DrawerPicker($drawer))->spacers[$axis->decides->value]->pieces ?? null;
            $kept[$pieces === null ? "none at {$point}" : implode(' ', $pieces)] ??= $truth;
        }

        return array_values($kept);
    }

    /** @param  array<value-of<Doubtful>, float>  $shifts */
    private function settled(array $shifts): Recipe
    {
        return $this->settled[json_encode($shifts, JSON_THROW_ON_ERROR)] ??= $this->recipe->settled(Scenario::at($shifts));
    }
}
