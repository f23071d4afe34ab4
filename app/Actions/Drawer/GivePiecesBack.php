<?php

declare(strict_types=1);

namespace App\Actions\Drawer;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Reservation;
use App\Models\ReservationState;
use App\Models\Spacer;
use App\Models\User;

/** Gives back what was taken out for a job, which stays on record, and keeps nothing for it any more. */
class GivePiecesBack extends JobAction
{
    public function __invoke(Job $job, User $by, int $seen): void
    {
        ($this->change)($job, $by, 'choose', $seen, function (OpenJob $open) use ($by): void {
            foreach (Reservation::of($open->job, ReservationState::Taken) as $taken) {
                Spacer::query()->whereKey($taken->spacer_id)->increment('quantity', $taken->quantity);
                Reservation::note($open->job, $by, $taken->spacer_id, ReservationState::Returned, $taken->quantity);
            }
            Reservation::query()->where('job_id', $open->job->id)->where('state', '!=', ReservationState::Returned)->delete();
        });
    }
}
