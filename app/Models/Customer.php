<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\OwnWorkshop;
use Database\Factories\CustomerFactory;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\HasMany;

#[ScopedBy(OwnWorkshop::class)]
class Customer extends Row
{
    /** @use HasFactory<CustomerFactory> */
    use HasFactory;

    protected $fillable = ['name', 'phone'];

    /** @return HasMany<Bike, $this> */
    public function bikes(): HasMany
    {
        return $this->hasMany(Bike::class);
    }
}
