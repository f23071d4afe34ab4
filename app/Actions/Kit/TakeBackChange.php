<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\KitChange;
use App\Models\User;

/** Takes the last change of what is to be fitted back that still stands. */
class TakeBackChange extends JobAction
{
    public function __invoke(Job $job, User $by, int $seen): void
    {
        ($this->change)($job, $by, 'choose', $seen, function (OpenJob $open): void {
            $change = KitChange::standingFor($open->job)->whereNull('undone_at')->latest('id')->first();
            $change?->broughtTheMotor() === true && $this->refuse(
                'undo', 'That would leave the job without its motor. Choose another under Match.',
            );
            if ($change !== null) {
                Kit::of($open->job)->fill($change->before)->save();
                $change->update(['undone_at' => now(), 'version' => $open->job->version + 1]);
            }
        });
    }
}
