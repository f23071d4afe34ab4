<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\OwnWorkshop;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A private address at which a calendar reads what is planned.
 *
 * @property array<string, array{number: int, from: string, to: string, title: string, cancelled: bool}>|null $told by entry
 * @property ?Carbon $revoked_at
 * @property ?User $user
 */
#[ScopedBy(OwnWorkshop::class)]
class Feed extends Row
{
    protected $fillable = ['workshop_id', 'user_id', 'by_id', 'secret_hash', 'told', 'revoked_at'];

    protected $casts = ['told' => 'array', 'revoked_at' => 'datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
