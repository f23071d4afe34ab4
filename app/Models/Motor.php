<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use NeatSpindle\Core\Catalogue\Mount;

/**
 * @property Mount $mount
 * @property array<string, mixed> $figures
 */
class Motor extends Model
{
    protected $guarded = [];

    protected $casts = ['mount' => Mount::class, 'figures' => 'array', 'continuous_w' => 'float', 'max_torque_nm' => 'float'];

    /** The bolt circle of its own ring face, in mm; null where nobody has said. */
    public function ringBoltCircle(): ?float
    {
        $circle = $this->figures['ring_bolt_circle_mm'] ?? null;

        return is_numeric($circle) ? (float) $circle : null;
    }

    /** In volts, as written; null where nobody has said. */
    public function voltage(): ?string
    {
        $volts = $this->figures['voltage_v'] ?? null;

        return is_numeric($volts) ? (string) ($volts + 0) : null;
    }
}
