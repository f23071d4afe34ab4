<?php

declare(strict_types=1);

namespace App\Bench;

use NeatSpindle\Core\Holding\Build\Hold;
use NeatSpindle\Core\Holding\Build\PutRight;

/** What stops a whole job, and where that is dealt with. */
final class Stop
{
    /** Null while nothing stops it. */
    public static function of(OpenJob $open): ?Hold
    {
        $reason = $open->stop();

        return $reason === null ? null : new Hold($reason, match (true) {
            $open->job->stopped_for !== null => PutRight::Condition,
            $open->bracing()?->stop() !== null => PutRight::Rest,
            $open->the(FittingOut::class)->trial?->stop() !== null => PutRight::Battery,
            default => PutRight::Sensors,
        });
    }
}
