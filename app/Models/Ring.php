<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property float $dish_mm
 * @property float $thickness_mm
 */
class Ring extends Model
{
    protected $guarded = [];

    protected $casts = ['dish_mm' => 'float', 'thickness_mm' => 'float', 'teeth' => 'int'];
}
