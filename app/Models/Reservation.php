<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Spacers kept for a job: still in the drawer, or taken out of it.
 *
 * @property int $quantity
 * @property Spacer $spacer
 * @property Job $job
 */
class Reservation extends Model
{
    public const RESERVED = 'reserved';

    public const TAKEN = 'taken';

    protected $guarded = [];

    protected $casts = ['quantity' => 'int'];

    /** @return BelongsTo<Spacer, $this> */
    public function spacer(): BelongsTo
    {
        return $this->belongsTo(Spacer::class);
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }
}
