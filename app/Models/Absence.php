<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Days on which somebody is not at the bench, both ends included.
 *
 * @property Carbon $from_on
 * @property Carbon $to_on
 * @property ?Carbon $taken_back_at
 * @property User $user
 */
class Absence extends Row
{
    protected $fillable = ['user_id', 'by_id', 'from_on', 'to_on', 'taken_back_at'];

    protected $casts = ['from_on' => 'date', 'to_on' => 'date', 'taken_back_at' => 'datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
