<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Actions\JobAction;
use App\Models\Job;
use App\Models\SheetAddress;
use App\Models\User;

/** Calls an address back: from then on it opens nothing. */
class RevokeSheetAddress extends JobAction
{
    public function __invoke(Job $job, User $by, SheetAddress $address): void
    {
        ($this->change)($job, $by, 'shareSheet', null, fn () => SheetAddress::query()->whereKey($address->id)->where('job_id', $job->id)->whereNull('revoked_at')
            ->update(['revoked_at' => now(), 'revoked_by_id' => $by->id]));
    }
}
