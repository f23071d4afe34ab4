<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Order;
use App\Models\OrderLine;
use Illuminate\Database\Eloquent\Collection;

/** Orders as a table, a line each: `order, supplier, placed_on, expected_on, what, ordered, came, went_back, job`. */
class OrdersTable
{
    /**
     * @param  Collection<int, Order>  $orders
     * @return list<list<string>> the headings first
     */
    public static function rows(Collection $orders): array
    {
        $orders->loadMissing('lines.job');

        return [['order', 'supplier', 'placed_on', 'expected_on', 'what', 'ordered', 'came', 'went_back', 'job'], ...$orders->flatMap(
            fn (Order $order) => $order->lines->map(fn (OrderLine $line): array => [
                (string) $order->number, $order->supplier->name, $order->placed_on->format('Y-m-d'),
                (string) $order->expected_on?->format('Y-m-d'), $line->what,
                (string) $line->count, (string) $line->came, (string) $line->went_back, (string) $line->job?->number,
            ])->all(),
        )->all()];
    }
}
