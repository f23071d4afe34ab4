<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Order;

use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\Picker;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\ReachableSums;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Parts\Drawer\Spacers;
use NeatSpindle\Core\Parts\Drawer\Span;

/**
 * Fills places from the drawer and, where it must, from the shop: as few bought pieces as can be, of the
 * thicknesses the workshop knows; then nearest to the target, then fewest. Where no known thickness helps, one
 * piece is to be made to measure.
 */
final class BuyingPicker implements Picker
{
    /** A bought piece counts for more than any number of pieces that lie in the drawer. */
    private const BOUGHT = 100_000;

    private const MOST_BOUGHT_OF_A_KIND = 40;

    /** @var list<Purchase> */
    private array $purchases = [];

    /** @param  array<string, list<float>>  $byHand thicknesses in mm by place */
    public function __construct(private Drawer $drawer, private readonly array $byHand = []) {}

    public function byHand(Place $place): ?Spacers
    {
        return isset($this->byHand[$place->value]) ? Spacers::of($this->byHand[$place->value]) : null;
    }

    public function pick(Place $place, Span $span): ?Spacers
    {
        $byHand = $this->byHand($place);
        if ($byHand !== null) {
            return $byHand;
        }
        if ($span->low > $span->high) {
            return null;
        }
        $pieces = $this->drawer->choose($span, $place) ?? $this->withBought($place, $span);
        $this->drawer = $this->drawer->without($pieces, $place);

        return Spacers::fromHundredths($pieces);
    }

    /** @return list<Purchase> */
    public function purchases(): array
    {
        return $this->purchases;
    }

    /** @return list<int> */
    private function withBought(Place $place, Span $span): array
    {
        $sums = ReachableSums::costing(max(1, $span->high), $this->supplies($place, $span));
        $best = null;
        foreach ($sums->within($span->low, $span->high) as $sum) {
            $cost = (int) $sums->cost($sum);
            $rank = [intdiv($cost, self::BOUGHT), $span->distance($sum), $cost];
            if ($best === null || $rank < $best[0]) {
                $best = [$rank, $sum];
            }
        }

        return $best === null ? $this->made($place, $span) : $this->bought($place, $sums->supplies($best[1]) ?? []);
    }

    /** @return list<array{int, int, int}> what lies there and what can be bought, thinnest first */
    private function supplies(Place $place, Span $span): array
    {
        $supplies = [];
        foreach ($this->drawer->stock($place->use()) as $thickness => $quantity) {
            $supplies[] = [$thickness, $quantity, 1];
        }
        foreach ($this->known($place) as $thickness) {
            if ($thickness <= $span->high) {
                $supplies[] = [$thickness, self::MOST_BOUGHT_OF_A_KIND, self::BOUGHT];
            }
        }
        sort($supplies);

        return $supplies;
    }

    /** @return list<int> */
    private function known(Place $place): array
    {
        $serving = array_filter($this->drawer->rows, fn (SpacerRow $row) => $row->serves($place->use()));

        return array_values(array_unique(array_map(fn (SpacerRow $row) => $row->hundredths, $serving)));
    }

    /**
     * @param  list<array{int, int}>  $supplies
     * @return list<int>
     */
    private function bought(Place $place, array $supplies): array
    {
        foreach ($supplies as [$thickness, $cost]) {
            if ($cost === self::BOUGHT) {
                $this->purchases[] = new Purchase($place, $thickness, false);
                $this->drawer = $this->drawer->with([new SpacerRow($thickness, 1, [$place->use()])]);
            }
        }

        return array_column($supplies, 0);
    }

    /** @return list<int> */
    private function made(Place $place, Span $span): array
    {
        $thickness = max(1, $span->low, min($span->high, $span->target));
        $this->purchases[] = new Purchase($place, $thickness, true);
        $this->drawer = $this->drawer->with([new SpacerRow($thickness, 1, [$place->use()])]);

        return [$thickness];
    }
}
