<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Whole\Prove\SettingName;

/**
 * One thing that was set in a motor's display: a later one supersedes, none is overwritten.
 *
 * @property SettingName $name
 * @property string $value
 * @property ?string $reason
 * @property ?string $law
 * @property Carbon $set_at
 * @property ?Carbon $superseded_at
 * @property-read string $set_by_name where it was asked for
 * @property User $user
 */
class Setting extends Row
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'name', 'value', 'reason', 'law', 'set_at', 'superseded_at'];

    protected $casts = ['name' => SettingName::class, 'set_at' => 'datetime', 'superseded_at' => 'datetime'];

    /**
     * What was set on the last other bike of the workshop with the same motor, but no limit that was taken away.
     *
     * @return array<string, string> by the setting's code
     */
    public static function lastWith(Job $job): array
    {
        $motor = $job->kit?->motor_id;
        $last = $motor === null ? null : self::query()
            ->join('jobs', 'jobs.id', '=', 'settings.job_id')->join('kits', 'kits.job_id', '=', 'jobs.id')
            ->where('jobs.workshop_id', $job->workshop_id)->where('jobs.id', '!=', $job->id)->where('kits.motor_id', $motor)
            ->whereNull('settings.superseded_at')->latest('settings.id')->value('settings.job_id');

        /** @var array<string, string> */
        return $last === null ? [] : self::query()->where('job_id', $last)->whereNull('superseded_at')->whereNull('reason')
            ->toBase()->pluck('value', 'name')->all();
    }

    /**
     * With the name of who set it.
     *
     * @param  Builder<self>  $query
     */
    public function scopeNamed(Builder $query): void
    {
        $query->addSelect(
            ['settings.*', 'set_by_name' => User::query()->select('name')->whereColumn('users.id', 'settings.user_id')->toBase()],
        );
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
