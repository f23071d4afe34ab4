<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property list<string> $shells
 * @property list<string> $motors
 * @property float $flange_mm
 * @property float $bore_mm
 */
class Insert extends Model
{
    protected $guarded = [];

    protected $casts = ['shells' => 'array', 'motors' => 'array', 'flange_mm' => 'float', 'bore_mm' => 'float'];
}
