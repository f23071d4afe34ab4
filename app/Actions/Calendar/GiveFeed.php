<?php

declare(strict_types=1);

namespace App\Actions\Calendar;

use App\Actions\WorkshopAction;
use App\Models\Feed;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Gives a private address at which a calendar reads what is planned: one's own work, or the whole workshop's. */
class GiveFeed extends WorkshopAction
{
    private const MOST = 40;

    private const LONG = 48;

    /** @return string what the address ends in; it is told once and kept nowhere */
    public function __invoke(User $by, bool $isWorkshops): string
    {
        return $this->change($by, $isWorkshops ? 'plan' : 'startJob', function (Workshop $workshop) use ($by, $isWorkshops): string {
            if (Feed::query()->where('workshop_id', $workshop->id)->whereNull('revoked_at')->count() >= self::MOST) {
                throw ValidationException::withMessages(['feed' => 'That is as many as open at one time: call one back first.']);
            }
            $secret = Str::random(self::LONG);
            Feed::query()->create([
                'workshop_id' => $workshop->id, 'user_id' => $isWorkshops ? null : $by->id, 'by_id' => $by->id, 'secret_hash' => hash('sha256', $secret),
            ]);

            return $secret;
        });
    }
}
