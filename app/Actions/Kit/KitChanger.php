<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Bench\OpenJob;
use App\Models\Kit;
use App\Models\KitChange;
use App\Models\Longest;
use App\Models\User;

/** Alters what is to be fitted and keeps what it was before, so that it can be taken back. */
class KitChanger
{
    /**
     * @param  string  $what  the change in a few words
     * @param  list<string>  $touched  the places of the stack it alters
     * @param  callable(Kit): mixed  $alter
     */
    public function alter(OpenJob $open, User $by, string $what, array $touched, callable $alter): void
    {
        $job = $open->job;
        $kit = Kit::of($job);
        $before = $kit->choice();
        $alter($kit);
        $kit->save();
        KitChange::standingFor($job)->whereNotNull('undone_at')->update(['superseded_at' => now()]);
        KitChange::query()->create([
            'job_id' => $job->id, 'user_id' => $by->id, 'version' => $job->version + 1,
            'what' => Longest::cut($what, Longest::CHANGE), 'touched' => $touched,
            'before' => $before, 'after' => $kit->choice(), 'made_at' => now(),
        ]);
    }
}
