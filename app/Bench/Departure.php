<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\HandOver;
use App\Models\Recheck;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Whole\Prove\RecheckPlan;

/** That a bike has left, and what was found when it came back since. */
final readonly class Departure implements FromJob
{
    /**
     * @param  ?HandOver  $handOver  null while it has not left
     * @param  ?Recheck  $recheck  the last one since; null while there was none
     * @param  RecheckPlan  $plan  what is looked at when it comes back, as it was kept when it left
     */
    private function __construct(public ?HandOver $handOver, public ?Recheck $recheck, public RecheckPlan $plan) {}

    public static function of(OpenJob $open): static
    {
        $since = $open->job->handed_over_at;

        if ($since === null) {
            return new self(null, null, RecheckPlan::of([]));
        }
        $handOver = $open->job->loadMissing('handOvers')->handOvers->last();
        $kept = $handOver->sheet->comesBack ?? [];

        return new self(
            $handOver, $open->job->loadMissing('rechecks')->rechecks->where('done_at', '>=', $since)->last(),
            $kept === [] ? RecheckPlan::of($open->buildSheet()->steps ?? []) : RecheckPlan::kept($kept),
        );
    }

    /** When it is to come back; null where no day is named. */
    public function comesBackOn(): ?Carbon
    {
        return $this->recheck === null ? $this->handOver?->recheck_on : $this->recheck->next_on;
    }
}
