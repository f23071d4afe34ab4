<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use NeatSpindle\Core\Stack\Place;

use function in_array;

/**
 * @property float $thickness_mm
 * @property list<string> $uses
 * @property int $quantity what lies in the drawer, reserved or not
 * @property ?string $lies_in
 */
class Spacer extends Model
{
    protected $guarded = [];

    protected $casts = ['thickness_mm' => 'float', 'uses' => 'array', 'quantity' => 'int'];

    /** @return HasMany<Reservation, $this> */
    public function reservations(): HasMany
    {
        return $this->hasMany(Reservation::class);
    }

    /**
     * Counts with each row what is reserved for other jobs and what a job has taken out already.
     *
     * @param  Builder<self>  $query
     * @return Builder<self>
     */
    public function scopeCountedFor(Builder $query, ?Job $job): Builder
    {
        return $query
            ->withSum(['reservations as kept_elsewhere' => fn (Builder $kept) => $kept->where('state', Reservation::RESERVED)->where('job_id', '!=', $job->id ?? 0)], 'quantity')
            ->withSum(['reservations as taken_here' => fn (Builder $taken) => $taken->where('state', Reservation::TAKEN)->where('job_id', $job->id ?? 0)], 'quantity');
    }

    /** How many a job can count on: what lies there and is not kept for others, and what it has taken. */
    public function available(): int
    {
        $counted = $this->getAttributes();

        return max(0, $this->quantity - (int) ($counted['kept_elsewhere'] ?? 0)) + (int) ($counted['taken_here'] ?? 0);
    }

    public function serves(Place $place): bool
    {
        return in_array($place->use()->value, $this->uses, true);
    }
}
