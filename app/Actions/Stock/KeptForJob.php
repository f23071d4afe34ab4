<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Actions\Refuses;
use App\Models\Job;
use App\Models\Movement;
use App\Models\Reservation;
use App\Models\ReservationState;
use App\Models\Spacer;
use App\Models\User;
use NeatSpindle\Core\Parts\Stock\Moved;

/** Spacers on their way into a job and back, each step in the book. To be asked for inside a transaction. */
class KeptForJob
{
    use Refuses;

    public function __construct(private readonly StockBook $book) {}

    public function reserve(Job $job, User $by, int $spacerId, int $count): void
    {
        $this->book->move($this->spacer($spacerId), Moved::Reserved, $count, $by, $job, field: 'does');
        Reservation::note($job, $by, $spacerId, ReservationState::Reserved, $count);
    }

    public function take(Job $job, User $by, Reservation $reserved): void
    {
        $spacer = Spacer::query()->findOrFail($reserved->spacer_id);
        if ($spacer->quantity < $reserved->quantity) {
            $this->refuse('does', "There are no longer {$reserved->quantity} of {$spacer->thickness_mm} mm in the drawer. Count it, then take them out.");
        }
        $this->book->move($spacer, Moved::Taken, $reserved->quantity, $by, $job, ofReserved: $reserved->quantity, field: 'does');
        Reservation::note($job, $by, $reserved->spacer_id, ReservationState::Taken, $reserved->quantity);
        $reserved->delete();
    }

    public function giveBack(Job $job, User $by, Reservation $taken): void
    {
        $this->book->move($this->spacer($taken->spacer_id), Moved::GivenBack, $taken->quantity, $by, $job, field: 'does');
        Reservation::note($job, $by, $taken->spacer_id, ReservationState::Returned, $taken->quantity);
        $taken->delete();
    }

    /** No spacer is reserved for it any more; what was reserved by hand beside them stays. */
    public function freeSpacers(Job $job, User $by): void
    {
        foreach (Reservation::of($job, ReservationState::Reserved) as $reserved) {
            $this->book->move($this->spacer($reserved->spacer_id), Moved::Freed, $reserved->quantity, $by, $job, field: 'does');
            $reserved->delete();
        }
    }

    /** Nothing is reserved for it any more, whatever it is. */
    public function freeAll(Job $job, User $by): void
    {
        $this->freeSpacers($job, $by);
        foreach (Movement::reservedByHand($job) as [$row, $count]) {
            $this->book->move($row, Moved::Freed, $count, $by, $job, field: 'does');
        }
    }

    /** What was reserved for it by hand has gone with the bike: taken as far as it lay there, and reserved no more. */
    public function takeWhatLeaves(Job $job, User $by): void
    {
        foreach (Movement::reservedByHand($job) as [$row, $count]) {
            $taken = min($count, $row->quantity);
            $taken === 0 || $this->book->move($row, Moved::Taken, $taken, $by, $job, 'left with the bike', ofReserved: $taken, field: 'hand_over');
            $taken === $count || $this->book->move($row, Moved::Freed, $count - $taken, $by, $job, field: 'hand_over');
        }
    }

    private function spacer(int $id): Spacer
    {
        return Spacer::query()->whereKey($id)->firstOrFail();
    }
}
