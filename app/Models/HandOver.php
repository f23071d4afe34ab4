<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsKept;
use App\Models\Values\HandOverSheet;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * That a bike was handed over, by whom, and when it comes back first.
 *
 * @property Carbon $handed_at
 * @property Carbon $recheck_on
 * @property ?string $note
 * @property ?HandOverSheet $sheet  what left with it; null where it left before sheets were kept
 * @property User $user
 */
class HandOver extends Row
{
    public $timestamps = false;

    protected $fillable = [
        'job_id', 'user_id', 'handed_at', 'recheck_on', 'note', 'sheet', 'taken_back_at', 'taken_back_by_id', 'taken_back_because',
    ];

    protected $casts = [
        'handed_at' => 'datetime',
        'recheck_on' => 'date',
        'taken_back_at' => 'datetime',
        'sheet' => AsKept::class.':'.HandOverSheet::class,
    ];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /**
     * The bike is in the workshop again: its hand-over stands no more, and the addresses of its sheet open nothing.
     *
     * @param  Job  $held  kept by whoever holds it
     * @return bool whether there was one to take back
     */
    public static function takeBack(Job $held, User $by, string $because): bool
    {
        $taken = self::query()->where('job_id', $held->id)->whereNull('taken_back_at')
            ->update(['taken_back_at' => now(), 'taken_back_by_id' => $by->id, 'taken_back_because' => Longest::cut($because, Longest::REASON)]);
        SheetAddress::callBack([$held->id], $by);
        $held->handed_over_at = null;

        return $taken > 0;
    }
}
