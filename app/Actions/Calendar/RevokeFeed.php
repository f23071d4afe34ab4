<?php

declare(strict_types=1);

namespace App\Actions\Calendar;

use App\Actions\WorkshopAction;
use App\Models\Feed;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Auth\Access\AuthorizationException;

/** Calls a feed's address back: whose it is, or whoever plans. */
class RevokeFeed extends WorkshopAction
{
    public function __invoke(User $by, Feed $feed): void
    {
        $this->change($by, 'startJob', function (Workshop $workshop) use ($by, $feed): void {
            $feed = Feed::query()->where('workshop_id', $workshop->id)->lockForUpdate()->findOrFail($feed->id);
            if ($feed->user_id !== $by->id && $by->cannot('plan', $workshop)) {
                throw new AuthorizationException;
            }
            $feed->update(['revoked_at' => now()]);
        });
    }
}
