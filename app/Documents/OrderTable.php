<?php

declare(strict_types=1);

namespace App\Documents;

use NeatSpindle\Core\Choosing\Order\OrderList;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;

/** An order list as a table: `thickness_mm, quantity, use`. */
class OrderTable
{
    /** @return list<list<string>> the headings first */
    public static function rows(?OrderList $order): array
    {
        $rows = [['thickness_mm', 'quantity', 'use']];
        foreach ($order?->counted() ?? [] as [$piece, $count]) {
            $uses = array_map(fn (SpacerUse $use) => $use->value, $piece->uses);
            $rows[] = [number_format($piece->hundredths / 100, 2, '.', ''), (string) $count, implode(' ', $uses)];
        }

        return $rows;
    }
}
