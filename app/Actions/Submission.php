<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\User;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/**
 * The form that is being taken in. Each form carries a key of its own as it is shown; it is taken in once, however often
 * it is sent: by a double click, or again because nobody saw the answer.
 */
class Submission
{
    private const DAYS = 30;

    /** Old keys are cleared away at every so many. */
    private const CLEARED_EVERY = 500;

    private ?string $key = null;

    /** @param  ?string  $key  null where the form has none */
    public function begin(?string $key): void
    {
        $this->key = $key;
    }

    /**
     * To be called inside the transaction of the change, before anything else: who sends the same form meanwhile waits
     * until it is settled, and a change that the database let collide claims it anew. A form asks for one change; what
     * else it asks for once that is settled belongs to it.
     *
     * @throws TakenInAlready when it was
     */
    public function claim(User $by): void
    {
        if ($this->key === null) {
            return;
        }
        try {
            $id = DB::table('submissions')->insertGetId(['user_id' => $by->id, 'form_key' => $this->key, 'taken_in_at' => now()]);
        } catch (UniqueConstraintViolationException) {
            throw new TakenInAlready;
        }
        // What else this form asks for is part of it.
        DB::afterCommit(fn () => $this->key = null);
        if ($id % self::CLEARED_EVERY === 0) {
            DB::table('submissions')->where('taken_in_at', '<', now()->subDays(self::DAYS))->delete();
        }
    }
}
