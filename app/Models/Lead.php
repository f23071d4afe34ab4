<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property float $length_mm
 */
class Lead extends Model
{
    protected $guarded = [];

    protected $casts = ['length_mm' => 'float', 'quantity' => 'int'];
}
