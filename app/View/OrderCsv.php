<?php

declare(strict_types=1);

namespace App\View;

use App\Documents\CsvTable;
use Illuminate\Http\Response;
use NeatSpindle\Core\Stack\SpacerUse;

/** An order list as a table for a spreadsheet or a shop. */
class OrderCsv
{
    public static function of(OrderPage $page): Response
    {
        $rows = [['thickness_mm', 'quantity', 'use']];
        foreach ($page->order()?->counted() ?? [] as [$piece, $count]) {
            $rows[] = [number_format($piece->hundredths / 100, 2, '.', ''), (string) $count, implode(' ', array_map(fn (SpacerUse $use) => $use->value, $piece->uses))];
        }

        return CsvTable::download($rows, "order-{$page->job->number}.csv");
    }
}
