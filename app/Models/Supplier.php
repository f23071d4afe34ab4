<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\OwnWorkshop;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;

/**
 * Who a workshop orders from.
 *
 * @property string $name
 */
#[ScopedBy(OwnWorkshop::class)]
class Supplier extends Row
{
    protected $fillable = ['workshop_id', 'name'];
}
