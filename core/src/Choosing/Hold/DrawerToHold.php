<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Hold;

use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;

use function array_filter;
use function array_keys;
use function array_map;
use function count;

/** The smallest set of spacers found with which so many of a number of jobs would have been clear, each of them by itself. */
final readonly class DrawerToHold
{
    /**
     * @param  list<SpacerRow>  $rows  how many of each kind, thickest first
     * @param  int  $clear  so many of the jobs are clear with them, by their own stacks
     * @param  int  $wanted  so many were asked for; fewer where no spacer helps the others
     * @param  int  $jobs  of so many
     * @param  int  $helpless  so many of them no set of these kinds was found for
     * @param  int  $atLeast  with fewer pieces it cannot be done, and that is proven
     */
    private function __construct(
        public array $rows, public int $clear, public int $wanted, public int $jobs, public int $helpless, public int $atLeast,
    ) {}

    /**
     * @param  list<Recipe>  $recipes  of the jobs, on their bikes as they were measured
     * @param  list<SpacerRow>  $known  kinds there are, however many lie there
     * @param  float  $share  of the jobs that should be clear, from 0 to 1
     */
    public static function of(array $recipes, array $known, float $share): self
    {
        $kinds = new Kinds($known);
        $jobs = array_map(fn (Recipe $recipe) => WaysToBeClear::of($recipe, $kinds), $recipes);
        $able = count(array_filter($jobs, fn (WaysToBeClear $job) => $job->sets() !== []));
        $wanted = min((int) ceil($share * count($jobs) - 1e-9), $able);
        $search = new HoldSearch($kinds, $jobs, $wanted);
        [$set, $atLeast] = $search->smallest();
        $rows = array_map(fn (int $kind, int $count) => new SpacerRow($kinds->rows[$kind]->hundredths, $count,
            $kinds->rows[$kind]->uses), array_keys($set), $set);

        return new self($rows, $search->clearWith($set), $wanted, count($jobs), count($jobs) - $able, $atLeast);
    }

    public function size(): int
    {
        return array_sum(array_map(fn (SpacerRow $row) => $row->quantity, $this->rows));
    }

    /** Whether it is proven that no smaller set does. */
    public function isLeast(): bool
    {
        return $this->atLeast >= $this->size();
    }
}
