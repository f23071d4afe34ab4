<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property float $thickness_mm
 * @property list<string> $uses
 */
class Spacer extends Model
{
    protected $guarded = [];

    protected $casts = ['thickness_mm' => 'float', 'uses' => 'array', 'quantity' => 'int'];
}
