<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

use function is_string;

/**
 * @property StepState $state
 * @property ?float $torque_nm
 * @property ?float $figure what was read at a check, in the unit that was asked
 * @property bool $by_hand
 * @property ?string $lies_in where what came off lies
 * @property ?string $note
 * @property array<string, mixed> $asked
 * @property \Illuminate\Support\Carbon $recorded_at
 * @property User $user
 */
class StepRecord extends Row
{
    public $timestamps = false;

    protected $fillable = [
        'job_id', 'user_id', 'sheet', 'step', 'state', 'torque_nm', 'figure', 'by_hand', 'compound', 'note', 'lies_in', 'asked', 'recorded_at',
        'superseded_at',
    ];

    protected $casts = [
        'state' => StepState::class, 'torque_nm' => 'float', 'figure' => 'float', 'by_hand' => 'bool', 'asked' => 'array',
        'recorded_at' => 'datetime', 'superseded_at' => 'datetime',
    ];

    /** What came off with it, as the plan called it then; null where nothing did, or an older program did not write that down. */
    public function partThen(): ?string
    {
        $part = $this->asked['part'] ?? null;

        return is_string($part) ? $part : null;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
