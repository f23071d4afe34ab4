<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * @property Carbon $given_at
 * @property User $user
 */
class Answer extends Row
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'question', 'value', 'given_at', 'superseded_at'];

    protected $casts = ['given_at' => 'datetime', 'superseded_at' => 'datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** A later answer supersedes; none is overwritten. */
    public static function give(Job $job, User $by, string $question, string $value): void
    {
        self::query()->where('job_id', $job->id)->where('question', $question)->whereNull('superseded_at')->update(['superseded_at' => now()]);
        self::query()->create(['job_id' => $job->id, 'user_id' => $by->id, 'question' => $question, 'value' => $value, 'given_at' => now()]);
    }
}
