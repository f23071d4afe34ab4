<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Actions\Refuses;
use App\Actions\Submission;
use App\Actions\WorkshopAction;
use Illuminate\Contracts\Auth\Access\Gate;

/** A change of what the workshop has that is written in the book of its stock. */
abstract class StockAction extends WorkshopAction
{
    use Refuses;

    public function __construct(Gate $gate, Submission $submission, protected readonly StockBook $book)
    {
        parent::__construct($gate, $submission);
    }
}
