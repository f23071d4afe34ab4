<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\OwnWorkshop;
use Database\Factories\CustomerFactory;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/** @property ?Carbon $erased_at since when nobody here knows any more who it was */
#[ScopedBy(OwnWorkshop::class)]
class Customer extends Row
{
    /** @use HasFactory<CustomerFactory> */
    use HasFactory;

    protected $fillable = ['name', 'phone'];

    protected $casts = ['erased_at' => 'datetime'];

    /** @return HasMany<Bike, $this> */
    public function bikes(): HasMany
    {
        return $this->hasMany(Bike::class);
    }
}
