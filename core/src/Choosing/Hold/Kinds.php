<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Hold;

use LogicException;
use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\ReachableSums;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;

use function array_filter;
use function array_keys;
use function array_map;
use function array_sum;
use function array_values;
use function count;
use function usort;

/**
 * The kinds of spacers a workshop works with. So many of each make a set: a count by the number of its kind, kinds of which
 * there are none left out.
 */
final class Kinds
{
    /** A sum takes at most so many pieces of one kind. */
    private const MOST_OF_A_KIND = 60;

    private const USUAL_LIMIT = 4_000;

    /** @var list<SpacerRow> thickest first, one piece of each */
    public readonly array $rows;

    /** @var array<string, ReachableSums> by use, in hundredths of a mm */
    private array $sums = [];

    /** @param  list<SpacerRow>  $rows  however many lie there of each */
    public function __construct(array $rows)
    {
        $kinds = [];
        foreach ($rows as $row) {
            $kinds["{$row->hundredths} ".implode(' ', array_column($row->uses, 'value'))] = new SpacerRow($row->hundredths, 1, $row->uses);
        }
        $kinds = array_values($kinds);
        usort($kinds, fn (SpacerRow $a, SpacerRow $b) => $b->hundredths <=> $a->hundredths);
        $this->rows = $kinds;
    }

    /** @param  array<int, int>  $set */
    public function drawer(array $set): Drawer
    {
        return new Drawer(array_map(fn (int $kind, int $count) => new SpacerRow($this->rows[$kind]->hundredths, $count,
            $this->rows[$kind]->uses), array_keys($set), array_values($set)));
    }

    /** Every sum any number of them makes, with the fewest pieces, up to a limit in hundredths of a mm. */
    public function sums(SpacerUse $use, int $limit): ReachableSums
    {
        $known = $this->sums[$use->value] ?? null;
        if ($known !== null && $known->limit >= $limit) {
            return $known;
        }
        $stock = [];
        foreach ($this->rows as $row) {
            $row->serves($use) && $stock[$row->hundredths] = self::MOST_OF_A_KIND;
        }

        return $this->sums[$use->value] = ReachableSums::upTo(max($limit, self::USUAL_LIMIT), $stock);
    }

    /**
     * @param  array<int, int>  $set
     * @param  list<int>  $pieces  in hundredths of a mm, each of a kind there is
     * @return array<int, int>
     */
    public function adding(array $set, array $pieces, SpacerUse $use): array
    {
        foreach ($pieces as $piece) {
            $kind = $this->numbered($piece, $use) ?? throw new LogicException("No kind of {$piece} hundredths serves {$use->value}.");
            $set[$kind] = ($set[$kind] ?? 0) + 1;
        }
        ksort($set);

        return $set;
    }

    /** The number of a kind of so many hundredths that serves a use; null where there is none. */
    public function numbered(int $hundredths, SpacerUse $use): ?int
    {
        foreach ($this->rows as $number => $row) {
            if ($row->hundredths === $hundredths && $row->serves($use)) {
                return $number;
            }
        }

        return null;
    }

    /** @return list<int> those that go into a place, by number, thickest first */
    public function servingAt(Place $place): array
    {
        return array_keys(array_filter($this->rows, fn (SpacerRow $row) => $row->serves($place->use())));
    }

    /** @return iterable<array<int, int>> every set of so many pieces */
    public function sets(int $size, int $from = 0): iterable
    {
        if ($from >= count($this->rows)) {
            if ($size === 0) {
                yield [];
            }

            return;
        }
        for ($count = $size; $count >= 0; $count--) {
            foreach ($this->sets($size - $count, $from + 1) as $set) {
                yield $count === 0 ? $set : [$from => $count] + $set;
            }
        }
    }

    /**
     * At least what is in both.
     *
     * @param  array<int, int>  $set
     * @param  array<int, int>  $other
     * @return array<int, int>
     */
    public static function both(array $set, array $other): array
    {
        foreach ($other as $kind => $count) {
            if (($set[$kind] ?? 0) < $count) {
                $set[$kind] = $count;
            }
        }
        ksort($set);

        return $set;
    }

    /**
     * @param  array<int, int>  $set
     * @param  array<int, int>  $of
     */
    public static function isWithin(array $set, array $of): bool
    {
        foreach ($set as $kind => $count) {
            if (($of[$kind] ?? 0) < $count) {
                return false;
            }
        }

        return true;
    }

    /** @param  array<int, int>  $set */
    public static function size(array $set): int
    {
        return array_sum($set);
    }
}
