<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * Something a job needs that was seen to be here.
 *
 * @property string $mark by which the need is known again
 * @property string $what
 * @property Carbon $seen_at
 */
class Arrival extends Row
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'mark', 'what', 'seen_at', 'superseded_at'];

    protected $casts = ['seen_at' => 'datetime', 'superseded_at' => 'datetime'];
}
