<?php

declare(strict_types=1);

namespace App\Models;

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Holding\Around\Obstacle as AroundTheShell;
use NeatSpindle\Core\Holding\Around\ObstacleCure;
use NeatSpindle\Core\Holding\Around\ObstacleKind;

/**
 * Something that stands out around the shell; a later sight of it supersedes.
 *
 * @property ObstacleKind $kind
 * @property ObstacleCure $cure
 * @property float $height_mm
 * @property float $plus_minus_mm
 * @property int $angle_deg
 */
class Obstacle extends Row
{
    /** A job keeps at most so many. */
    public const MOST = 24;

    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'kind', 'height_mm', 'plus_minus_mm', 'angle_deg', 'cure', 'seen_at', 'superseded_at'];

    protected $casts = [
        'kind' => ObstacleKind::class, 'cure' => ObstacleCure::class, 'height_mm' => 'float', 'plus_minus_mm' => 'float', 'angle_deg' => 'int',
        'seen_at' => 'datetime', 'superseded_at' => 'datetime',
    ];

    public function around(): AroundTheShell
    {
        $height = Measurement::within($this->height_mm, $this->plus_minus_mm);

        return new AroundTheShell($this->kind, $height, (float) $this->angle_deg, $this->cure);
    }

    /** The code of the step that cures it. */
    public function step(): string
    {
        return "cure-{$this->id}";
    }
}
