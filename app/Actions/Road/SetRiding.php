<?php

declare(strict_types=1);

namespace App\Actions\Road;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\User;

/** Keeps how the bike will be ridden: load, hill, surface, wind, battery. */
class SetRiding extends JobAction
{
    /** @param  array<string, mixed>  $riding */
    public function __invoke(Job $job, User $by, int $seen, array $riding): void
    {
        ($this->change)($job, $by, 'choose', $seen, ['kit'], fn (OpenJob $open) => Kit::of($open->job)->fill(['riding' => $riding])->save());
    }
}
