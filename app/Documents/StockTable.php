<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Row;
use App\Models\Stocked;
use App\Models\StockItem;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Ground\Measure\LengthUnit;

/** All that is kept as a table: `what, quantity, kept, minimum, lies_in, good_until`. Lengths in mm. */
class StockTable
{
    /**
     * @param  Collection<string, Row&Stocked>  $rows
     * @return list<list<string>> the headings first
     */
    public static function rows(Collection $rows): array
    {
        return [['what', 'quantity', 'kept', 'minimum', 'lies_in', 'good_until'], ...$rows->values()->map(fn (Row&Stocked $row): array => [
            $row->called(LengthUnit::Millimetre), (string) $row->quantity, (string) $row->kept, (string) $row->minimum, (string) $row->lies_in,
            $row instanceof StockItem ? (string) $row->good_until?->format('Y-m-d') : '',
        ])->all()];
    }
}
