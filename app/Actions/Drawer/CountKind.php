<?php

declare(strict_types=1);

namespace App\Actions\Drawer;

use App\Models\Spacer;
use App\Models\User;

/** Keeps how many of a kind lie in the drawer, and where. */
class CountKind extends DrawerAction
{
    public function __invoke(User $by, Spacer $spacer, int $quantity, ?string $liesIn): void
    {
        $this->change($by, fn () => $spacer->update(['quantity' => $quantity, 'lies_in' => $liesIn]));
    }
}
