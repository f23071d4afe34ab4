<?php

declare(strict_types=1);

namespace App\Actions\Calendar;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\User;

/** Keeps how the customer of a bike can be reached. */
class KeepContact extends JobAction
{
    public function __invoke(Job $job, User $by, int $seen, ?string $phone, ?string $email): void
    {
        ($this->change)($job, $by, 'work', $seen, function (OpenJob $open) use ($phone, $email): void {
            $open->job->bike->customer->fill(['phone' => $phone, 'email' => $email])->save();
        });
    }
}
