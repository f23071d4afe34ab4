<?php

declare(strict_types=1);

namespace App\Actions\Steps;

use App\Actions\StandsOtherwise;
use App\Models\FastenerBand;
use App\Models\Job;
use App\Models\User;
use NeatSpindle\Core\Ground\Measure\TorqueBand;
use NeatSpindle\Core\Parts\Fastening\Fastener;

/** Writes down the band that stands on a part's paper, inside another change; a later one supersedes. */
class BandWriter
{
    /** @param  ?int  $seen  the band the person saw standing there, 0 where none did; null where nothing is said of it */
    public function write(Job $job, User $by, Fastener $fastener, TorqueBand $band, string $paper, ?int $seen): void
    {
        $stands = FastenerBand::query()->with('user')->where('job_id', $job->id)->where('fastener', $fastener)
            ->whereNull('superseded_at')->latest('id')->first();
        if ($seen !== null && ($stands->id ?? 0) !== $seen) {
            throw StandsOtherwise::told($stands === null ? 'The band you saw is gone'
                : "{$stands->user->firstName()} typed a band of {$stands->low_nm} to {$stands->high_nm} N·m from “{$stands->paper}”", 'low');
        }
        $stands?->update(['superseded_at' => now()]);
        FastenerBand::query()->create([
            'job_id' => $job->id, 'user_id' => $by->id, 'fastener' => $fastener, 'low_nm' => $band->low, 'high_nm' => $band->high,
            'paper' => $paper, 'typed_at' => now(),
        ]);
    }
}
