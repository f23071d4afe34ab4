<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Order;

use NeatSpindle\Core\Donor\Bike\Bike;
use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\DrawerPicker;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\ReachableSums;
use NeatSpindle\Core\Sums\Line\Chainline;
use NeatSpindle\Core\Sums\Margin\Verdict;

/**
 * What else would work from the drawer: other sums of drive spacers, each followed by what the rule makes of
 * the other places; those only that no other beats in chainline, crank symmetry and number of pieces at once.
 */
final class Alternatives
{
    /** How far past what the rule would choose is looked, in mm. */
    private const REACH = 12.0;

    private function __construct(private readonly Recipe $recipe, private readonly Bike $bike, private readonly Drawer $drawer) {}

    /**
     * @param  float  $needed what the drive spacers have to be at least, in mm
     * @return list<Alternative> the straightest first; none that fails
     */
    public static function of(Recipe $recipe, Bike $bike, Drawer $drawer, float $needed): array
    {
        $alternatives = new self($recipe, $bike, $drawer);
        $found = [];
        foreach ($alternatives->driveSums($needed) as $pieces) {
            $alternative = $alternatives->with($pieces);
            if ($alternative !== null) {
                $found[] = $alternative;
            }
        }
        $undominated = array_filter($found, fn (Alternative $one) => array_filter($found, fn (Alternative $other) => $other->beats($one)) === []);
        $distinct = [];
        foreach ($undominated as $one) {
            $distinct[$one->key()] ??= $one;
        }
        usort($distinct, fn (Alternative $a, Alternative $b) => $a->criteria->figures <=> $b->criteria->figures);

        return $distinct;
    }

    /**
     * Those that were found before, each from its drive spacers alone.
     *
     * @param  list<list<float>>  $drives in mm
     * @return list<Alternative>
     */
    public static function again(Recipe $recipe, Bike $bike, Drawer $drawer, array $drives): array
    {
        $alternatives = new self($recipe, $bike, $drawer);
        $hundredths = fn (float $mm): int => (int) round($mm * 100);

        return array_values(array_filter(array_map(fn (array $drive) => $alternatives->with(array_map($hundredths, $drive)), $drives)));
    }

    /** @return iterable<list<int>> the fewest pieces for each sum of drive spacers worth trying */
    private function driveSums(float $needed): iterable
    {
        $low = max(0, (int) ceil(($needed - $this->recipe->mount()->driveTolerance()) * 100 - 1e-6));
        $high = $low + (int) (self::REACH * 100);
        $sums = ReachableSums::upTo($high, $this->drawer->stock(Place::Drive->use()));
        foreach ($sums->within($low, $high) as $sum) {
            yield $sums->pieces($sum) ?? [];
        }
    }

    /** @param  list<int>  $pieces */
    private function with(array $pieces): ?Alternative
    {
        $drawer = $this->drawer->without($pieces, Place::Drive);
        $stack = $this->recipe->solve(new DrawerPicker($drawer, [Place::Drive->value => array_map(fn (int $piece) => $piece / 100, $pieces)]));
        if ($stack->verdict === Verdict::Fails) {
            return null;
        }
        $outboard = $stack->ringOutboard();

        return new Alternative($stack, $outboard === null ? null : Chainline::weightedOffset($this->bike, $outboard));
    }
}
