<?php

declare(strict_types=1);

namespace App\Models;

use NeatSpindle\Core\Measuring\Frame\Direction;
use NeatSpindle\Core\Measuring\Frame\OwnStretch as Way;

/**
 * A way along a frame that somebody has added to a job.
 *
 * @property string $from_place
 * @property string $to_place
 * @property float $length_mm
 * @property Direction $towards
 * @property list<string> $tags
 */
class OwnStretch extends Row
{
    /** A job has at most so many. */
    public const MOST = 40;

    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'from_place', 'to_place', 'length_mm', 'towards', 'tags', 'added_at', 'removed_at'];

    protected $casts = ['length_mm' => 'float', 'towards' => Direction::class, 'tags' => 'array', 'added_at' => 'datetime', 'removed_at' => 'datetime'];

    public function way(): Way
    {
        return new Way($this->from_place, $this->to_place, $this->length_mm, $this->tags, $this->towards);
    }
}
