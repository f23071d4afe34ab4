<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\User;
use NeatSpindle\Core\Parts\Drawer\Place;

/** Leaves every place to the drawer again. */
class SolveStack extends KitAction
{
    public function __invoke(Job $job, User $by, int $seen): void
    {
        ($this->change)($job, $by, 'choose', $seen, fn (OpenJob $open) => $this->kit->alter(
            $open, $by, 'Solved from the drawer', array_column(Place::cases(), 'value'), fn (Kit $kit) => $kit->fill(['by_hand' => []]),
        ));
    }
}
