<?php

declare(strict_types=1);

namespace App\Models;

use NeatSpindle\Core\Choosing\Ride\Profile;

/**
 * A road a customer rides, as its smoothed heights.
 *
 * @property string $name
 * @property list<float> $heights
 * @property float $length_m
 * @property float $raw_ascent_m
 * @property int $points
 * @property list<string> $remarks
 * @property ?\Illuminate\Support\Carbon $dropped_at
 */
class Track extends Row
{
    protected $fillable = ['job_id', 'user_id', 'name', 'heights', 'length_m', 'raw_ascent_m', 'points', 'remarks'];

    protected $casts = ['heights' => 'array', 'length_m' => 'float', 'raw_ascent_m' => 'float', 'points' => 'int', 'remarks' => 'array', 'dropped_at' => 'datetime'];

    public function profile(): Profile
    {
        return Profile::kept($this->heights, $this->length_m, $this->raw_ascent_m, $this->points);
    }
}
