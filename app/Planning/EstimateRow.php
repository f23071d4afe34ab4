<?php

declare(strict_types=1);

namespace App\Planning;

use NeatSpindle\Core\Whole\Calendar\WorkKind;

/** One kind of work of one job: as planned, and as it really was. */
final readonly class EstimateRow
{
    /**
     * @param  int  $pieces  as many as the job has of it; where that cannot be counted yet, as there mostly are
     * @param  int  $planned  minutes
     * @param  float  $took  minutes, of those pieces of which it is known
     * @param  int  $known  of so many pieces it is known
     */
    public function __construct(public WorkKind $kind, public int $pieces, public int $planned, public float $took, public int $known) {}
}
