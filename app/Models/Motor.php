<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use NeatSpindle\Core\Catalogue\Mount;

/**
 * @property Mount $mount
 * @property array<string, mixed> $figures
 */
class Motor extends Model
{
    protected $guarded = [];

    protected $casts = ['mount' => Mount::class, 'figures' => 'array', 'continuous_w' => 'float', 'max_torque_nm' => 'float'];
}
