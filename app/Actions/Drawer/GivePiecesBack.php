<?php

declare(strict_types=1);

namespace App\Actions\Drawer;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Actions\Stock\KeptForJob;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Reservation;
use App\Models\ReservationState;
use App\Models\User;

/** Gives back what was taken out for a job, which stays on record, and keeps nothing for it any more. */
class GivePiecesBack extends JobAction
{
    public function __construct(ChangeJob $change, private readonly KeptForJob $kept)
    {
        parent::__construct($change);
    }

    public function __invoke(Job $job, User $by, int $seen): void
    {
        ($this->change)($job, $by, 'choose', $seen, function (OpenJob $open) use ($by): void {
            foreach (Reservation::of($open->job, ReservationState::Taken) as $taken) {
                $this->kept->giveBack($open->job, $by, $taken);
            }
            $this->kept->freeSpacers($open->job, $by);
        });
    }
}
