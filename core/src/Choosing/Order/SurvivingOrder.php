<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Order;

use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;

use function array_slice;
use function count;

/**
 * The least to order so that the stack can be built whatever the doubtful readings turn out to be: every
 * place filled, and a bolt of the trade, at every break point of the doubt and between each two.
 *
 * First an order is grown from what the truths ask for that it does not serve, and pruned until dropping any
 * piece breaks it. Then every smaller order that could serve is tried, as long as tries last.
 */
final class SurvivingOrder
{
    private const TRIES = 400;

    private const MOST_PIECES = 24;

    private int $tries = self::TRIES;

    /** @var array<string, true> */
    private array $seen = [];

    /** @var list<SpacerRow> every kind that could be ordered, one piece of each */
    private readonly array $kinds;

    private function __construct(private readonly Proof $proof, private readonly Drawer $drawer)
    {
        $kinds = [];
        foreach ($drawer->rows as $row) {
            $kinds["{$row->hundredths} ".implode(' ', array_map(fn ($use) => $use->value, $row->uses))] = new SpacerRow($row->hundredths, 1, $row->uses);
        }
        $this->kinds = array_values($kinds);
    }

    public static function of(Recipe $recipe, Drawer $drawer): OrderList
    {
        $search = new self(new Proof($recipe), $drawer);
        $grown = $search->grown();
        if ($grown === null) {
            return OrderList::impossible($search->proof->firstUnbuilt($drawer)?->stack);
        }
        $order = $search->pruned($grown);
        for ($size = 0; $size < count($order); $size++) {
            $search->seen = [];
            $smaller = $search->withNoMoreThan($size, []);
            if ($smaller !== null) {
                $order = $search->pruned($smaller);
            }
        }

        return OrderList::surviving($order, $search->tries > 0, $search->proof->truths($drawer->with($order)));
    }

    /** @return list<SpacerRow>|null an order that serves, not yet the least; null when none does */
    private function grown(): ?array
    {
        $order = [];
        while (count($order) <= self::MOST_PIECES) {
            $unbuilt = $this->proof->firstUnbuilt($this->drawer->with($order));
            if ($unbuilt === null) {
                return $order;
            }
            $shortage = Shortage::of($unbuilt->recipe, $this->drawer->with($order));
            if ($shortage->isNone() || ! $shortage->stack->isBuilt()) {
                return null;
            }
            foreach ($shortage->purchases as $purchase) {
                $order[] = $this->kind($purchase);
            }
        }

        return null;
    }

    private function kind(Purchase $purchase): SpacerRow
    {
        foreach ($this->kinds as $kind) {
            if ($kind->hundredths === $purchase->hundredths && $kind->serves($purchase->place->use())) {
                return $kind;
            }
        }

        return new SpacerRow($purchase->hundredths, 1, [$purchase->place->use()]);
    }

    /**
     * @param  list<SpacerRow>  $order
     * @return list<SpacerRow> with no piece that could be dropped
     */
    private function pruned(array $order): array
    {
        for ($i = count($order) - 1; $i >= 0; $i--) {
            $fewer = [...array_slice($order, 0, $i), ...array_slice($order, $i + 1)];
            if ($this->proof->holds($this->drawer->with($fewer))) {
                return $this->pruned($fewer);
            }
        }

        return $order;
    }

    /**
     * @param  list<SpacerRow>  $order
     * @return list<SpacerRow>|null
     */
    private function withNoMoreThan(int $size, array $order): ?array
    {
        $key = self::key($order);
        if (isset($this->seen[$key]) || $this->tries-- <= 0) {
            return null;
        }
        $this->seen[$key] = true;
        $unbuilt = $this->proof->firstUnbuilt($this->drawer->with($order));
        if ($unbuilt === null) {
            return $order;
        }
        foreach (count($order) < $size ? $this->helpful($unbuilt->stack) : [] as $kind) {
            $found = $this->withNoMoreThan($size, [...$order, $kind]);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /** @return list<SpacerRow> kinds for the place that could not be filled or for one filled before it */
    private function helpful(Stack $stack): array
    {
        $uses = [];
        foreach ($stack->mount->places() as $place) {
            $uses[] = $place->use();
            if (self::isWanting($stack, $place)) {
                return array_values(array_filter($this->kinds, fn (SpacerRow $kind) => array_filter($uses, $kind->serves(...)) !== []));
            }
        }

        return [];
    }

    private static function isWanting(Stack $stack, Place $place): bool
    {
        return $stack->unsolved === null ? ! isset($stack->spacers[$place->value]) : $stack->unsolved->place() === $place;
    }

    /** @param  list<SpacerRow>  $order */
    private static function key(array $order): string
    {
        $names = array_map(fn (SpacerRow $row) => $row->hundredths.implode(',', array_map(fn ($use) => $use->value, $row->uses)), $order);
        sort($names);

        return implode(' ', $names);
    }
}
