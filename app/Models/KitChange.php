<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One change of what is to be fitted: who made it, what it was before, and whether it was taken back.
 *
 * @property list<string> $touched
 * @property array<string, mixed> $before
 * @property array<string, mixed> $after
 * @property Carbon $made_at
 * @property ?Carbon $undone_at
 * @property User $user
 * @property-read string $made_by_name where only what to tell was asked for
 */
class KitChange extends Row
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'version', 'what', 'touched', 'before', 'after', 'made_at', 'undone_at', 'superseded_at'];

    protected $casts = ['touched' => 'array', 'before' => 'array', 'after' => 'array', 'made_at' => 'datetime', 'undone_at' => 'datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /**
     * Only what to tell of it: what, when, and by whom.
     *
     * @param  Builder<self>  $query
     */
    public function scopeTold(Builder $query): void
    {
        $query->select([
            'id',
            'what',
            'made_at',
            'undone_at',
            'before',
            'after',
            'made_by_name' => User::query()->select('name')->whereColumn('users.id', 'user_id')->toBase(),
        ]);
    }

    /** Whether the motor would be gone if it were taken back: that is no matter of spacers, and is done where motors are chosen. */
    public function broughtTheMotor(): bool
    {
        return ($this->before['motor_id'] ?? null) === null && ($this->after['motor_id'] ?? null) !== null;
    }

    /** @return Builder<self> what has not been replaced by something else */
    public static function standingFor(Job $job): Builder
    {
        return self::query()->where('job_id', $job->id)->whereNull('superseded_at');
    }
}
