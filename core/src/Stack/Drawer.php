<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

/** The spacers a workshop owns. Taking some gives a new drawer; this one stays as it is. */
final readonly class Drawer
{
    /** @param  list<SpacerRow>  $rows */
    public function __construct(public array $rows) {}

    /**
     * The best set for a place: nearest to the target, then fewest pieces, then the thicker first.
     *
     * @return list<int>|null thicknesses in hundredths of a mm, thickest first; null when no set is within the span
     */
    public function choose(Span $span, Place $place): ?array
    {
        return SpacerSearch::over($this->stock($place->use()))->best($span);
    }

    /** @param  list<int>  $pieces thicknesses in hundredths of a mm, each taken from the first row that has it */
    public function without(array $pieces, Place $place): self
    {
        $rows = $this->rows;
        foreach ($pieces as $piece) {
            foreach ($rows as $i => $row) {
                if ($row->hundredths === $piece && $row->quantity > 0 && $row->serves($place->use())) {
                    $rows[$i] = $row->withOneLess();

                    break;
                }
            }
        }

        return new self($rows);
    }

    /** @return array<int, int> quantity by thickness in hundredths of a mm */
    public function stock(SpacerUse $use): array
    {
        $stock = [];
        foreach ($this->rows as $row) {
            if ($row->quantity > 0 && $row->serves($use)) {
                $stock[$row->hundredths] = ($stock[$row->hundredths] ?? 0) + $row->quantity;
            }
        }

        return $stock;
    }
}
