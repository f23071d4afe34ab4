<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

class Customer extends Model
{
    protected $guarded = [];

    /** @return HasMany<Bike, $this> */
    public function bikes(): HasMany
    {
        return $this->hasMany(Bike::class);
    }
}
