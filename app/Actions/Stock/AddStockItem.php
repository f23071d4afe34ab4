<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Models\StockItem;
use App\Models\User;
use App\Models\Workshop;
use NeatSpindle\Core\Parts\Stock\Moved;
use NeatSpindle\Core\Parts\Stock\StockKind;

/** Puts something into the book that was not in it. */
class AddStockItem extends StockAction
{
    /** @param  array{lies_in: ?string, minimum: ?int, good_until: ?string}  $more */
    public function __invoke(User $by, StockKind $kind, string $name, int $count, array $more): StockItem
    {
        return $this->change($by, 'countDrawer', function (Workshop $workshop) use ($by, $kind, $name, $count, $more): StockItem {
            if (StockItem::query()->where('workshop_id', $workshop->id)->count() >= StockItem::MOST) {
                $this->refuse('name', 'The book holds '.StockItem::MOST.' things at most.');
            }
            if (StockItem::query()->where('workshop_id', $workshop->id)->where('kind', $kind)->where('name', $name)->exists()) {
                $this->refuse('name', 'There is a '.lcfirst($kind->label()).' of this name already: count it there.');
            }
            $item = (new StockItem)->forceFill(['workshop_id' => $workshop->id])->fill(['kind' => $kind, 'name' => $name, ...$more]);
            $item->save();
            $this->book->move($item, Moved::Counted, $count, $by);

            return $item->refresh();
        });
    }
}
