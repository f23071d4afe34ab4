<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Values\About;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Something decided by name about a job, with its reason; some of it an owner has to allow.
 *
 * @property string $about
 * @property string $choice
 * @property ?string $reason
 * @property Carbon $made_at
 * @property ?Carbon $allowed_at
 * @property ?string $allowed_because
 * @property User $user
 * @property ?User $allowedBy
 * @property-read string $made_by_name where only what to tell was asked for
 * @property-read ?string $allowed_by_name where only what to tell was asked for
 * @property ?Carbon $superseded_at
 */
class Decision extends Row
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'about', 'choice', 'reason', 'made_at', 'superseded_at', 'allowed_by_id', 'allowed_at', 'allowed_because'];

    protected $casts = ['made_at' => 'datetime', 'superseded_at' => 'datetime', 'allowed_at' => 'datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<User, $this> */
    public function allowedBy(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /**
     * With the names of who made it and who answers for it.
     *
     * @param  Builder<self>  $query
     */
    public function scopeNamed(Builder $query): void
    {
        $name = fn (string $column) => User::query()->select('name')->whereColumn('users.id', "decisions.{$column}")->toBase();
        $query->addSelect(['decisions.*', 'made_by_name' => $name('user_id'), 'allowed_by_name' => $name('allowed_by_id')]);
    }

    /** A later decision supersedes; none is overwritten. */
    public static function record(Job $job, User $by, About $about, string $choice, ?string $reason): void
    {
        self::query()->where('job_id', $job->id)->where('about', $about->kept())->whereNull('superseded_at')->update(['superseded_at' => now()]);
        self::query()->create(
            ['job_id' => $job->id, 'user_id' => $by->id, 'about' => $about->kept(), 'choice' => $choice, 'reason' => $reason, 'made_at' => now()],
        );
    }
}
