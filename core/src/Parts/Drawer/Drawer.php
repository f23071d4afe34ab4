<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Drawer;

/** The spacers a workshop owns. Taking some gives a new drawer; this one stays as it is. */
final readonly class Drawer
{
    private DrawerIndex $shelf;

    /**
     * @param  list<SpacerRow>  $rows
     * @param  array<int, int>  $taken pieces by number of the row
     */
    public function __construct(public array $rows, private array $taken = [], ?DrawerIndex $shelf = null)
    {
        $this->shelf = $shelf ?? new DrawerIndex($rows);
    }

    /**
     * The best set for a place: nearest to the target, then fewest pieces, then the thicker first.
     *
     * What is best of the full drawer is best of the rest too, as long as the rest still has it.
     *
     * @return list<int>|null thicknesses in hundredths of a mm, thickest first; null when no set is within the span
     */
    public function choose(Span $span, Place $place): ?array
    {
        $best = $this->shelf->best($span, $place->use());

        return $best === null || $this->has($best, $place)
            ? $best
            : $this->shelf->bestOfTheRest($span, $place->use(), $this->taken);
    }

    /** @param  list<int>  $pieces thicknesses in hundredths of a mm, each taken from the first row that has it */
    public function without(array $pieces, Place $place): self
    {
        $rowsFor = $this->shelf->rowsFor($place->use());
        $taken = $this->taken;
        foreach ($pieces as $piece) {
            foreach ($rowsFor[$piece] ?? [] as $row) {
                if ($this->rows[$row]->quantity > ($taken[$row] ?? 0)) {
                    $taken[$row] = ($taken[$row] ?? 0) + 1;

                    break;
                }
            }
        }

        return new self($this->rows, $taken, $this->shelf);
    }

    /** @param  list<SpacerRow>  $rows */
    public function with(array $rows): self
    {
        return new self([...$this->rows, ...$rows], $this->taken);
    }

    /** @return array<int, int> quantity by thickness in hundredths of a mm */
    public function stock(SpacerUse $use): array
    {
        return $this->shelf->stock($use, $this->taken);
    }

    /** @return list<SpacerRow> every row as it is now, emptied ones too */
    public function left(): array
    {
        return array_map(
            fn (SpacerRow $row, int $number) => $row->withLess($this->taken[$number] ?? 0),
            $this->rows,
            array_keys($this->rows),
        );
    }

    /** @param  list<int>  $pieces */
    private function has(array $pieces, Place $place): bool
    {
        if ($this->taken === [] || $pieces === []) {
            return true;
        }
        $rowsFor = $this->shelf->rowsFor($place->use());
        foreach (array_count_values($pieces) as $piece => $count) {
            if ($this->shelf->left($rowsFor[$piece] ?? [], $this->taken) < $count) {
                return false;
            }
        }

        return true;
    }
}
