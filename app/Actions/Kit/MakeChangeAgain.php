<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\KitChange;
use App\Models\User;

/** Makes the change of what is to be fitted again that was taken back last. */
class MakeChangeAgain extends JobAction
{
    public function __invoke(Job $job, User $by, int $seen): void
    {
        ($this->change)($job, $by, 'choose', $seen, function (OpenJob $open): void {
            $change = KitChange::standingFor($open->job)->whereNotNull('undone_at')->oldest('id')->first();
            if ($change !== null) {
                Kit::of($open->job)->fill($change->after)->save();
                $change->update(['undone_at' => null, 'version' => $open->job->version + 1]);
            }
        });
    }
}
