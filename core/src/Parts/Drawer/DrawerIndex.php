<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Drawer;

/**
 * A full drawer, sorted for asking: which rows serve what, and what was found before. It only remembers;
 * what it answers depends on the rows alone.
 */
final class DrawerIndex
{
    /** @var array<string, array<int, list<int>>> numbers of the rows that serve a use, by thickness */
    private array $rowsByUse = [];

    /** @var array<string, SpacerSearch> */
    private array $searches = [];

    /** @var array<string, list<int>|false> */
    private array $answers = [];

    /** @param  list<SpacerRow>  $rows */
    public function __construct(private readonly array $rows) {}

    /** @return array<int, list<int>> numbers of the rows that serve a use, by thickness in hundredths of a mm */
    public function rowsFor(SpacerUse $use): array
    {
        return $this->rowsByUse[$use->value] ??= $this->sorted($use);
    }

    /** @return list<int>|null the best set of the full drawer */
    public function best(Span $span, SpacerUse $use): ?array
    {
        $key = "{$use->value} {$span->low} {$span->high} {$span->target}";
        $answer = $this->answers[$key] ??= $this->search($use)->best($span) ?? false;

        return $answer === false ? null : $answer;
    }

    /**
     * The best set of what is left once some has been taken.
     *
     * @param  array<int, int>  $taken pieces by number of the row
     * @return list<int>|null
     */
    public function bestOfTheRest(Span $span, SpacerUse $use, array $taken): ?array
    {
        ksort($taken);
        $key = "{$use->value} {$span->low} {$span->high} {$span->target} ".http_build_query($taken, '', ' ');

        $answer = $this->answers[$key] ??= $this->search($use)->bestOf($span, $this->stock($use, $taken)) ?? false;

        return $answer === false ? null : $answer;
    }

    /**
     * @param  array<int, int>  $taken
     * @return array<int, int> quantity by thickness
     */
    public function stock(SpacerUse $use, array $taken): array
    {
        $stock = [];
        foreach ($this->rowsFor($use) as $thickness => $rows) {
            $stock[$thickness] = $this->left($rows, $taken);
        }

        return array_filter($stock);
    }

    /**
     * @param  list<int>  $rows
     * @param  array<int, int>  $taken
     */
    public function left(array $rows, array $taken): int
    {
        $left = 0;
        foreach ($rows as $row) {
            $left += $this->rows[$row]->quantity - ($taken[$row] ?? 0);
        }

        return $left;
    }

    private function search(SpacerUse $use): SpacerSearch
    {
        return $this->searches[$use->value] ??= SpacerSearch::over($this->stock($use, []));
    }

    /** @return array<int, list<int>> thickest first */
    private function sorted(SpacerUse $use): array
    {
        $sorted = [];
        foreach ($this->rows as $number => $row) {
            if ($row->quantity > 0 && $row->serves($use)) {
                $sorted[$row->hundredths][] = $number;
            }
        }

        krsort($sorted);

        return $sorted;
    }
}
