<?php

declare(strict_types=1);

namespace App\Models;

use App\Exceptions\JobChangedMeanwhile;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Catalogue\Mount;

/**
 * @property Stage $stage
 * @property WaitsFor $waits_for
 * @property ?Carbon $promised_on
 * @property Bike $bike
 */
class Job extends Model
{
    protected $guarded = [];

    protected $attributes = ['stage' => 'survey', 'waits_for' => 'measurement', 'next_step' => '', 'version' => 0];

    protected $casts = [
        'stage' => Stage::class,
        'waits_for' => WaitsFor::class,
        'promised_on' => 'date',
        'version' => 'int',
    ];

    /** A job of another workshop is not found. */
    public function resolveRouteBinding(mixed $value, $field = null): ?Model
    {
        return $this->newQuery()
            ->with(['bike.customer', 'readings', 'answers', 'kit', 'stepRecords'])
            ->where('workshop_id', Auth::user()?->workshop_id)
            ->whereKey($value)
            ->first();
    }

    /** @return BelongsTo<Workshop, $this> */
    public function workshop(): BelongsTo
    {
        return $this->belongsTo(Workshop::class);
    }

    /** @return BelongsTo<Bike, $this> */
    public function bike(): BelongsTo
    {
        return $this->belongsTo(Bike::class);
    }

    /** @return BelongsTo<User, $this> */
    public function assignee(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<Reading, $this> the readings that stand; superseded ones stay in the table */
    public function readings(): HasMany
    {
        return $this->hasMany(Reading::class)->whereNull('superseded_at')->orderBy('id');
    }

    /** @return HasMany<Answer, $this> */
    public function answers(): HasMany
    {
        return $this->hasMany(Answer::class)->whereNull('superseded_at');
    }

    /** @return HasOne<Kit, $this> */
    public function kit(): HasOne
    {
        return $this->hasOne(Kit::class)->withDefault(['by_hand' => []]);
    }

    /** How the chosen motor is held; null while none is chosen. */
    public function motorMount(): ?Mount
    {
        return $this->kit?->motor_id === null ? null : $this->kit->motor?->mount;
    }

    /** @return HasMany<Reservation, $this> */
    public function reservations(): HasMany
    {
        return $this->hasMany(Reservation::class);
    }

    /** @return HasMany<Run, $this> */
    public function runs(): HasMany
    {
        return $this->hasMany(Run::class)->orderBy('position');
    }

    /** @return HasMany<StepRecord, $this> */
    public function stepRecords(): HasMany
    {
        return $this->hasMany(StepRecord::class)->whereNull('superseded_at');
    }

    /**
     * Runs a change in a transaction and raises the version.
     *
     * @template T
     *
     * @param  Closure(): T  $change
     * @param  ?int  $seen  the version the person saw; null for a change that overwrites nothing
     * @return T
     *
     * @throws JobChangedMeanwhile when somebody else was quicker
     */
    public function change(?int $seen, User $by, Closure $change): mixed
    {
        return DB::transaction(function () use ($seen, $by, $change): mixed {
            $raised = self::query()->whereKey($this->id)
                ->when($seen !== null, fn ($query) => $query->where('version', $seen))
                ->update(['version' => DB::raw('version + 1'), 'changed_by_id' => $by->id, 'updated_at' => now()]);
            if ($raised === 0) {
                throw JobChangedMeanwhile::job($this);
            }

            return $change();
        });
    }
}
