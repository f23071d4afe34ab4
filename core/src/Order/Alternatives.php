<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Order;

use NeatSpindle\Core\Line\Chainline;
use NeatSpindle\Core\Stack\DrawerPicker;
use NeatSpindle\Core\Stack\Place;
use NeatSpindle\Core\Stack\ReachableSums;
use NeatSpindle\Core\Stack\Verdict;
use NeatSpindle\Core\Worksheet\Job;
use NeatSpindle\Core\Worksheet\Worksheet;

/**
 * What else would work from the drawer: other sums of drive spacers, each followed by what the rule makes of
 * the other places; those only that no other beats in chainline, crank symmetry and number of pieces at once.
 */
final class Alternatives
{
    /** How far past what the rule would choose is looked, in mm. */
    private const REACH = 12.0;

    /** @return list<Alternative> the straightest first; none that fails */
    public static function of(Worksheet $sheet): array
    {
        $job = $sheet->job;
        $found = [];
        foreach (self::driveSums($sheet) as $pieces) {
            $alternative = self::with($pieces, $sheet, $job);
            if ($alternative !== null) {
                $found[] = $alternative;
            }
        }
        $undominated = array_filter($found, fn (Alternative $one) => array_filter($found, fn (Alternative $other) => $other->beats($one)) === []);
        $distinct = [];
        foreach ($undominated as $one) {
            $distinct[$one->key()] ??= $one;
        }
        usort($distinct, fn (Alternative $a, Alternative $b) => $a->criteria()->figures <=> $b->criteria()->figures);

        return $distinct;
    }

    /** @return iterable<list<int>> the fewest pieces for each sum of drive spacers worth trying */
    private static function driveSums(Worksheet $sheet): iterable
    {
        $needed = $sheet->stack->needed['drive'] ?? 0.0;
        $low = max(0, (int) ceil(($needed - ($sheet->recipe->mount()->allowsLessDrive() ? 0.5 : 0.0)) * 100 - 1e-6));
        $high = $low + (int) (self::REACH * 100);
        $stock = $sheet->job->catalogue->drawer->stock(Place::Drive->use());
        $sums = ReachableSums::upTo($high, $stock);
        foreach ($sums->within($low, $high) as $sum) {
            yield $sums->pieces($sum) ?? [];
        }
    }

    /** @param  list<int>  $pieces */
    private static function with(array $pieces, Worksheet $sheet, Job $job): ?Alternative
    {
        $drawer = $job->catalogue->drawer->without($pieces, Place::Drive);
        $stack = $sheet->recipe->solve(new DrawerPicker($drawer, [Place::Drive->value => array_map(fn (int $piece) => $piece / 100, $pieces)]));
        if ($stack->verdict === Verdict::Fails) {
            return null;
        }
        $outboard = $stack->ringOutboard();

        return new Alternative($stack, $outboard === null ? null : Chainline::of($job->bike, $outboard)->weightedOffset);
    }
}
