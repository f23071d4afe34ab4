<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\OwnWorkshop;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;

/**
 * @property float $length_mm
 */
#[ScopedBy(OwnWorkshop::class)]
class Lead extends Row
{
    protected $fillable = ['connector', 'length_mm', 'quantity'];

    protected $casts = ['length_mm' => 'float', 'quantity' => 'int'];
}
