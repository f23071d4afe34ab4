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

/** Takes what is kept for a job out of the drawer. */
class TakePieces extends JobAction
{
    public function __invoke(Job $job, User $by, int $seen): void
    {
        ($this->change)($job, $by, 'choose', $seen, function (OpenJob $open) use ($by): void {
            foreach (Reservation::of($open->job, ReservationState::Reserved) as $reservation) {
                $isThere = Spacer::query()->whereKey($reservation->spacer_id)
                    ->where('quantity', '>=', $reservation->quantity)->decrement('quantity', $reservation->quantity);
                if ($isThere === 0) {
                    $this->refuse('does', "There are no longer {$reservation->quantity} of {$reservation->spacer->thickness_mm} mm in the drawer. Count it, then take them out.");
                }
                Reservation::note($open->job, $by, $reservation->spacer_id, ReservationState::Taken, $reservation->quantity);
                $reservation->delete();
            }
        });
    }
}
