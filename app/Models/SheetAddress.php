<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Values\OurAddress;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\URL;

/**
 * A private address of a hand-over sheet: signed, it ends by itself, and can be called back before.
 *
 * @property Carbon $given_at
 * @property Carbon $expires_at
 * @property ?Carbon $revoked_at
 * @property User $user
 * @property Job $job
 */
class SheetAddress extends Row
{
    /** A job has at most so many that still open. */
    public const MOST = 10;

    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'given_at', 'expires_at', 'revoked_at', 'revoked_by_id'];

    protected $casts = ['given_at' => 'datetime', 'expires_at' => 'datetime', 'revoked_at' => 'datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @param  Builder<self>  $query */
    public function scopeOpening(Builder $query): void
    {
        $query->whereNull('revoked_at')->where('expires_at', '>', now());
    }

    /**
     * From now on none of these jobs' addresses opens anything.
     *
     * @param  list<int>  $jobs
     */
    public static function callBack(array $jobs, User $by): void
    {
        self::query()->whereIn('job_id', $jobs)->whereNull('revoked_at')->update(['revoked_at' => now(), 'revoked_by_id' => $by->id]);
    }

    public function url(): string
    {
        return OurAddress::of(fn (): string => URL::temporarySignedRoute('sheet', $this->expires_at, ['address' => $this->id]));
    }
}
