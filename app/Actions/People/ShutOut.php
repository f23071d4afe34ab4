<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\Feed;
use App\Models\User;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Shuts a person out, everywhere and at once, calendars they took an address for included, or lets them in again. What they did stays. */
class ShutOut
{
    public function __construct(private readonly Gate $gate) {}

    public function __invoke(User $by, User $person, bool $isOut): void
    {
        DB::transaction(function () use ($by, $person, $isOut): void {
            $this->gate->forUser($by)->authorize('manage', $person);
            if ($isOut && ! User::anotherOwnerThan($person)) {
                throw ValidationException::withMessages(["access.{$person->id}" => 'This is the last owner: make somebody else one first.']);
            }
            if ($isOut) {
                Feed::query()->where(fn ($feeds) => $feeds->where('user_id', $person->id)->orWhere('by_id', $person->id))->whereNull('revoked_at')
                    ->update(['revoked_at' => now()]);
            }
            $person->forceFill(['shut_out_at' => $isOut ? now() : null, 'remember_token' => Str::random(60)])->save();
        });
    }
}
