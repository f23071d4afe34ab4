<?php

declare(strict_types=1);

namespace App\Models;

class Answer extends Row
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'question', 'value', 'given_at', 'superseded_at'];

    protected $casts = ['given_at' => 'datetime', 'superseded_at' => 'datetime'];

    /** A later answer supersedes; none is overwritten. */
    public static function give(Job $job, User $by, string $question, string $value): void
    {
        self::query()->where('job_id', $job->id)->where('question', $question)->whereNull('superseded_at')->update(['superseded_at' => now()]);
        self::query()->create(['job_id' => $job->id, 'user_id' => $by->id, 'question' => $question, 'value' => $value, 'given_at' => now()]);
    }
}
