<?php

declare(strict_types=1);

namespace App\Models;

/** Where the pieces are that are kept for a job. */
enum ReservationState: string
{
    /** Still in the drawer. */
    case Reserved = 'reserved';
    /** Taken out of it. */
    case Taken = 'taken';
    /** Taken out, and given back. */
    case Returned = 'returned';
}
