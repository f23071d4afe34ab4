<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Models\Job;
use App\Models\Movement;
use App\Models\Row;
use App\Models\Stocked;
use App\Models\User;
use NeatSpindle\Core\Parts\Stock\Moved;

use function in_array;

/** Writes down by hand what came, went, broke or went back, or is kept for a job; spacers are kept from the job's own page alone. */
class MoveStock extends StockAction
{
    public function __invoke(User $by, Row&Stocked $row, Moved $how, int $count, ?Job $job, ?string $note): void
    {
        $this->change($by, 'countDrawer', function () use ($by, $row, $how, $count, $job, $note): void {
            if (! in_array($how, Moved::byHand($row->isKeptByHand()), true)) {
                $this->refuse('how', 'That is not said of it by hand: a spacer is reserved on the job’s own page.');
            }
            $kept = $job !== null && $row->isKeptByHand() ? Movement::keptFor($row, $job) : 0;
            if ($how === Moved::Freed && $count > $kept) {
                $this->refuse('count', $kept === 0 ? 'None are kept for this job.' : "Only {$kept} are kept for this job.");
            }
            if ($how === Moved::Reserved && $job?->ended_at !== null) {
                $this->refuse('job', 'This job has ended: nothing is kept for it any more.');
            }
            $this->book->move($row, $how, $count, $by, $job, $note, ofReserved: $how === Moved::Taken ? $kept : 0);
        });
    }
}
