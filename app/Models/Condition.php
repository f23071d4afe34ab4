<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Measuring\Survey\Remedy;
use NeatSpindle\Core\Measuring\Survey\Severity;
use NeatSpindle\Core\Measuring\Survey\Subject;

/**
 * @property Subject $subject
 * @property Severity $severity
 * @property ?Remedy $remedy
 * @property Carbon $found_at
 * @property ?Carbon $lifted_at
 * @property User $user
 */
class Condition extends Row
{
    public $timestamps = false;

    protected $fillable = [
        'job_id', 'user_id', 'subject', 'severity', 'remedy', 'declined_by', 'note', 'found_at', 'superseded_at',
        'lifted_at', 'lifted_by_id', 'lifted_because',
    ];

    protected $casts = [
        'subject' => Subject::class,
        'severity' => Severity::class,
        'remedy' => Remedy::class,
        'found_at' => 'datetime',
        'superseded_at' => 'datetime',
        'lifted_at' => 'datetime',
    ];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<User, $this> */
    public function liftedBy(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @param  Builder<self>  $query */
    public function scopeStanding(Builder $query): void
    {
        $query->whereNull('superseded_at');
    }

    /** @param  Builder<self>  $query */
    public function scopeStopping(Builder $query): void
    {
        $query->standing()->where('severity', Severity::Stop)->whereNull('lifted_at');
    }

    public function isStop(): bool
    {
        return $this->severity === Severity::Stop && $this->lifted_at === null;
    }

    /** The standing stop of a job in words; null when none stands. */
    public static function stopOf(Job $job): ?string
    {
        $stop = self::query()->where('job_id', $job->id)->stopping()->orderBy('id')->first();

        return $stop === null ? null : Longest::cut("{$stop->subject->label()}: {$stop->note}", Longest::STOP);
    }
}
