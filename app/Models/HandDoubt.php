<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use NeatSpindle\Core\Measuring\Survey\Instrument;

/**
 * The doubt that a person took as their own with an instrument; null: the usual one again. A later one supersedes.
 *
 * @property Instrument $instrument
 * @property ?float $doubt_mm
 * @property int $from_readings
 * @property int $from_spots
 * @property Carbon $taken_at
 */
class HandDoubt extends Row
{
    public $timestamps = false;

    protected $fillable = ['user_id', 'instrument', 'doubt_mm', 'from_readings', 'from_spots', 'taken_at', 'superseded_at'];

    protected $casts = ['instrument' => Instrument::class, 'doubt_mm' => 'float', 'taken_at' => 'datetime', 'superseded_at' => 'datetime'];
}
