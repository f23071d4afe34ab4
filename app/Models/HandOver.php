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
}
