<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Actions\Submission;
use App\Actions\WorkshopAction;
use App\Models\Job;
use App\Models\Row;
use App\Models\Stocked;
use App\Models\User;
use Illuminate\Contracts\Auth\Access\Gate;
use NeatSpindle\Core\Parts\Stock\Moved;

/** Writes down by hand what came, went, broke or went back. */
class MoveStock extends WorkshopAction
{
    public function __construct(Gate $gate, Submission $submission, private readonly StockBook $book)
    {
        parent::__construct($gate, $submission);
    }

    public function __invoke(User $by, Row&Stocked $row, Moved $how, int $count, ?Job $job, ?string $note): void
    {
        $this->change($by, 'countDrawer', fn () => $this->book->move($row, $how, $count, $by, $job, $note));
    }
}
