<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Actions\WorkshopAction;
use App\Models\Row;
use App\Models\Stocked;
use App\Models\User;

/** Keeps where something lies, and how many of it there should be at the least. */
class KeepShelf extends WorkshopAction
{
    public function __invoke(User $by, Row&Stocked $row, ?string $liesIn, ?int $minimum): void
    {
        $this->change($by, 'countDrawer', fn () => $row->newQuery()->whereKey($row->getKey())->lockForUpdate()->firstOrFail()
            ->forceFill(['lies_in' => $liesIn, 'minimum' => $minimum])->save());
    }
}
