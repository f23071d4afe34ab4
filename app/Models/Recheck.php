<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Whole\Prove\Found;

/**
 * What a bike was found like when it came back.
 *
 * @property Carbon $done_at
 * @property int $kilometres
 * @property ?Carbon $next_on
 * @property User $user
 */
class Recheck extends Row
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'done_at', 'kilometres', 'note', 'next_on'];

    protected $casts = ['done_at' => 'datetime', 'kilometres' => 'int', 'next_on' => 'date'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<RecheckItem, $this> */
    public function items(): HasMany
    {
        return $this->hasMany(RecheckItem::class)->orderBy('id');
    }

    /** @return array<string, Found> by the thing's code */
    public function found(): array
    {
        return $this->items->mapWithKeys(fn (RecheckItem $item) => [$item->code => $item->found])->all();
    }
}
