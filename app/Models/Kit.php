<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property array<string, list<float>> $by_hand
 */
class Kit extends Model
{
    protected $guarded = [];

    protected $attributes = ['by_hand' => '{}'];

    protected $casts = ['by_hand' => 'array'];
}
