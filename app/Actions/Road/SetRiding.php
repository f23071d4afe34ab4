<?php

declare(strict_types=1);

namespace App\Actions\Road;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\User;
use App\Models\Values\RidingWish;

/** Keeps how the bike will be ridden: load, hill, surface, wind, battery. */
class SetRiding extends JobAction
{
    public function __invoke(Job $job, User $by, int $seen, RidingWish $riding): void
    {
        ($this->change)($job, $by, 'choose', $seen, fn (OpenJob $open) => Kit::of($open->job)->fill(['riding' => $riding])->save());
    }
}
