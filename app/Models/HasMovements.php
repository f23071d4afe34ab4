<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use NeatSpindle\Core\Parts\Stock\Shelf;

/** What all that is stocked has: so many there, so many of them kept, and how it came to be so. */
trait HasMovements
{
    /** @return HasMany<Movement, $this> the latest first */
    public function movements(): HasMany
    {
        return $this->hasMany(Movement::class, self::movementKey())->orderByDesc('id');
    }

    public function isKeptByHand(): bool
    {
        return true;
    }

    public function shelfMark(): string
    {
        return hash('xxh128', serialize([$this->lies_in, $this->minimum, $this->price]));
    }

    public function shelf(): Shelf
    {
        return new Shelf($this->quantity, $this->kept);
    }
}
