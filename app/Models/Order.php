<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\OwnWorkshop;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

use function max;

/**
 * What was ordered in one go from one supplier. It stays open until all of it has come or nobody waits for the rest.
 *
 * @property int $number
 * @property int $version
 * @property Carbon $placed_on
 * @property ?Carbon $expected_on
 * @property ?Carbon $ended_at
 * @property ?string $note
 * @property Supplier $supplier
 */
#[ScopedBy(OwnWorkshop::class)]
class Order extends Row
{
    /** A workshop waits for at most so many at a time. */
    public const MOST_OPEN = 200;

    protected $fillable = ['workshop_id', 'number', 'supplier_id', 'placed_on', 'expected_on', 'ended_at', 'note', 'version', 'user_id'];

    protected $casts = ['number' => 'int', 'version' => 'int', 'placed_on' => 'date', 'expected_on' => 'date', 'ended_at' => 'datetime'];

    protected $attributes = ['version' => 0];

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<OrderLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(OrderLine::class)->orderBy('id');
    }

    /** How many pieces are still to come. */
    public function out(): int
    {
        return $this->ended_at === null ? (int) $this->lines->sum(fn (OrderLine $line) => $line->out()) : 0;
    }

    /** How many days it is late; 0 where it is not, or no day was named. */
    public function lateDays(): int
    {
        return $this->ended_at !== null || $this->expected_on === null ? 0 : max(0, (int) $this->expected_on->diffInDays(today()));
    }
}
