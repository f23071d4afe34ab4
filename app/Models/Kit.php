<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsKept;
use App\Models\Casts\PiecesByPlace;
use App\Models\Values\BatteryWish;
use App\Models\Values\BracingDecision;
use App\Models\Values\CockpitWish;
use App\Models\Values\RidingWish;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property ?int $motor_id
 * @property ?int $ring_id
 * @property ?int $insert_id
 * @property string $ring_mounting in the words of a RingMounting
 * @property ?RidingWish $riding
 * @property array<string, list<float>> $by_hand thicknesses in mm by place
 * @property ?BracingDecision $bracing
 * @property ?BatteryWish $battery
 * @property ?CockpitWish $cockpit
 */
class Kit extends Row
{
    protected $fillable = ['job_id', 'motor_id', 'ring_id', 'ring_mounting', 'insert_id', 'by_hand', 'bracing', 'riding', 'battery', 'cockpit'];

    protected $attributes = ['by_hand' => '{}', 'ring_mounting' => ''];

    protected $casts = [
        'by_hand' => PiecesByPlace::class, 'bracing' => AsKept::class.':'.BracingDecision::class, 'riding' => AsKept::class.':'.RidingWish::class,
        'battery' => AsKept::class.':'.BatteryWish::class, 'cockpit' => AsKept::class.':'.CockpitWish::class,
    ];

    /** @return BelongsTo<Motor, $this> */
    public function motor(): BelongsTo
    {
        return $this->belongsTo(Motor::class);
    }

    /** Whether the motor goes in the other way round, its ring on the bike's left. */
    public function isReversed(): bool
    {
        return $this->bracing?->isReversed === true;
    }

    /**
     * What can be taken back.
     *
     * @return array{motor_id: ?int, ring_id: ?int, ring_mounting: string, insert_id: ?int, by_hand: array<string, list<float>>}
     */
    public function choice(): array
    {
        return ['motor_id' => $this->motor_id, 'ring_id' => $this->ring_id, 'ring_mounting' => $this->ring_mounting, 'insert_id' => $this->insert_id, 'by_hand' => $this->by_hand];
    }

    /** The kit of a job, made where it has none yet. */
    public static function of(Job $job): self
    {
        return self::query()->firstOrNew(['job_id' => $job->id]);
    }
}
