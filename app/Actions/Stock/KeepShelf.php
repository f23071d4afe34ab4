<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Actions\StandsOtherwise;
use App\Actions\WorkshopAction;
use App\Models\Row;
use App\Models\Stocked;
use App\Models\User;

/** Keeps where something lies, and below how many of it is ordered. */
class KeepShelf extends WorkshopAction
{
    /**
     * @param  ?string  $seen  the mark of what the person saw; null where nothing is said of it
     *
     * @throws StandsOtherwise when somebody else has said otherwise since
     */
    public function __invoke(User $by, Row&Stocked $row, ?string $liesIn, ?int $minimum, ?string $seen = null, ?float $price = null): void
    {
        $this->change($by, 'countDrawer', function () use ($row, $liesIn, $minimum, $seen, $price): void {
            /** @var Row&Stocked $held */
            $held = $row->newQuery()->whereKey($row->getKey())->lockForUpdate()->firstOrFail();
            if ($seen !== null && $seen !== $held->shelfMark()) {
                throw StandsOtherwise::told('Somebody has moved it, or changed how many there should be or what it costs', 'lies_in');
            }
            $held->forceFill(['lies_in' => $liesIn, 'minimum' => $minimum, 'price' => $price])->save();
        });
    }
}
