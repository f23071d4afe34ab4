<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Collection;

/**
 * Spacers kept for a job: still in the drawer, or taken out of it.
 *
 * @property int $spacer_id
 * @property int $quantity
 * @property ReservationState $state
 * @property Spacer $spacer
 * @property Job $job
 */
class Reservation extends Row
{
    protected $fillable = ['job_id', 'spacer_id', 'user_id', 'quantity', 'state'];

    protected $casts = ['quantity' => 'int', 'state' => ReservationState::class];

    /** @return BelongsTo<Spacer, $this> */
    public function spacer(): BelongsTo
    {
        return $this->belongsTo(Spacer::class);
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return Collection<int, self> what is kept for a job, nobody else touching it meanwhile */
    public static function of(Job $job, ReservationState $state): Collection
    {
        return self::query()->with('spacer')->where('job_id', $job->id)->where('state', $state)->lockForUpdate()->get();
    }

    public static function note(Job $job, User $by, int $spacerId, ReservationState $state, int $quantity): void
    {
        $kept = self::query()->firstOrNew(
            ['job_id' => $job->id, 'spacer_id' => $spacerId, 'state' => $state], ['user_id' => $by->id, 'quantity' => 0],
        );
        $kept->fill(['quantity' => $kept->quantity + $quantity, 'user_id' => $by->id])->save();
    }
}
