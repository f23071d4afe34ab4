<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use NeatSpindle\Core\Measuring\Survey\Instrument;
use NeatSpindle\Core\Measuring\Survey\Spot;

/**
 * @property Spot $spot
 * @property Instrument $instrument
 * @property float $value_mm
 * @property ?float $plus_minus_mm
 * @property float $instrument_mm
 * @property \Illuminate\Support\Carbon $taken_at
 * @property ?User $withdrawnBy
 */
class Reading extends Row
{
    public $timestamps = false;

    protected $fillable = [
        'job_id', 'user_id', 'spot', 'value_mm', 'plus_minus_mm', 'instrument', 'instrument_mm', 'typed', 'taken_at',
        'superseded_at', 'superseded_by_id', 'withdrawn_by_id', 'brought_back_by_id',
    ];

    protected $casts = [
        'spot' => Spot::class,
        'instrument' => Instrument::class,
        'value_mm' => 'float',
        'plus_minus_mm' => 'float',
        'instrument_mm' => 'float',
        'taken_at' => 'datetime',
        'superseded_at' => 'datetime',
    ];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<User, $this> */
    public function withdrawnBy(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /**
     * Those a hand took back, and that nobody has brought back.
     *
     * @param  Builder<self>  $query
     */
    public function scopeTakenBack(Builder $query, Job $job): void
    {
        $query->where('job_id', $job->id)->whereNotNull('withdrawn_by_id')->whereNull('superseded_by_id');
    }

    /** Whether what stands at a spot stands in place of something else. */
    public static function isCorrected(Job $job, Spot $spot): bool
    {
        return self::query()->where('job_id', $job->id)->where('spot', $spot)->whereNotNull('superseded_by_id')->exists();
    }

    /** @param  Builder<self>  $query */
    public function scopeStandingAt(Builder $query, Job $job, Spot $spot): void
    {
        $query->where('job_id', $job->id)->where('spot', $spot)->whereNull('superseded_at');
    }
}
