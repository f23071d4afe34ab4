<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\HandOver;
use App\Models\Recheck;

/** That a bike has left, and what was found when it came back since. */
final readonly class Departure implements FromJob
{
    /**
     * @param  ?HandOver  $handOver  null while it has not left
     * @param  ?Recheck  $recheck  the last one since; null while there was none
     */
    private function __construct(public ?HandOver $handOver, public ?Recheck $recheck) {}

    public static function of(OpenJob $open): static
    {
        $since = $open->job->handed_over_at;

        return $since === null ? new self(null, null) : new self(
            $open->job->loadMissing('handOvers')->handOvers->last(),
            $open->job->loadMissing('rechecks')->rechecks->where('done_at', '>=', $since)->last(),
        );
    }
}
