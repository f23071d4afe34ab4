<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What a job was promised for, and when somebody said so; the last one stands.
 *
 * @property ?Carbon $promised_on
 * @property Carbon $promised_at
 * @property User $user
 */
class Promise extends Row
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'promised_on', 'promised_at'];

    protected $casts = ['promised_on' => 'date', 'promised_at' => 'datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
