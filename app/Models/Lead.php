<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\OwnWorkshop;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Builder;

/**
 * @property float $length_mm
 */
#[ScopedBy(OwnWorkshop::class)]
class Lead extends Row
{
    protected $fillable = ['connector', 'length_mm', 'quantity'];

    /** @param  Builder<self>  $query */
    public function scopeInOrder(Builder $query): void
    {
        $query->orderBy('connector')->orderBy('length_mm');
    }

    protected $casts = ['length_mm' => 'float', 'quantity' => 'int'];
}
