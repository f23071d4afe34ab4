<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsKept;
use App\Models\Values\PlugAtHand;
use NeatSpindle\Core\Fitting\Route\PowerLimits;
use NeatSpindle\Core\Fitting\Route\Run as ToLay;
use NeatSpindle\Core\Fitting\Route\RunDetails;
use NeatSpindle\Core\Fitting\Route\RunKind;
use NeatSpindle\Core\Fitting\Route\SurplusPlace;

use function chr;
use function ord;

/**
 * @property int $position its number, which stays when others come and go
 * @property float $supply_mm
 * @property ?float $current_a
 * @property ?float $area_mm2
 * @property RunKind $kind
 * @property string $name
 * @property string $from_place
 * @property string $to_place
 * @property string $connector
 * @property ?string $via a place it was moved to pass
 * @property ?list<string> $off places it was moved off
 * @property ?PlugAtHand $plug
 * @property ?string $threaded_with
 * @property ?SurplusPlace $surplus_at
 * @property bool $is_unused
 * @property ?float $fuse_a
 * @property ?float $connector_a
 * @property ?float $bears_a
 */
class Run extends Row
{
    /** What every job starts with: a motor's harness, its wheel sensor and its battery lead, as most are supplied. */
    public const USUAL = [
        ['position' => 0, 'name' => 'main harness', 'kind' => 'signal', 'from_place' => 'bar', 'to_place' => 'motor', 'supply_mm' => 1050, 'connector' => 'eight'],
        ['position' => 1, 'name' => 'speed sensor', 'kind' => 'signal', 'from_place' => 'motor', 'to_place' => 'stay', 'supply_mm' => 420, 'connector' => 'three'],
        ['position' => 2, 'name' => 'battery lead', 'kind' => 'power', 'from_place' => 'battery', 'to_place' => 'motor', 'supply_mm' => 450, 'connector' => 'power',
            'current_a' => 20, 'area_mm2' => 2.5],
    ];

    /** A job has at most so many. */
    public const MOST = 40;

    /** What else is laid on many bikes, as most are supplied; any other is added by hand. */
    public const OFFERED = [
        'throttle' => ['kind' => 'signal', 'from_place' => 'bar', 'to_place' => 'motor', 'supply_mm' => 300, 'connector' => 'three'],
        'keypad' => ['kind' => 'signal', 'from_place' => 'bar', 'to_place' => 'motor', 'supply_mm' => 400, 'connector' => 'five'],
        'brake sensor, left' => ['kind' => 'signal', 'from_place' => 'bar', 'to_place' => 'motor', 'supply_mm' => 400, 'connector' => 'two'],
        'brake sensor, right' => ['kind' => 'signal', 'from_place' => 'bar', 'to_place' => 'motor', 'supply_mm' => 400, 'connector' => 'two'],
        'gear sensor' => ['kind' => 'signal', 'from_place' => 'motor', 'to_place' => 'stay', 'supply_mm' => 500, 'connector' => 'three'],
        'front lamp' => ['kind' => 'power', 'from_place' => 'motor', 'to_place' => 'lamp-front', 'supply_mm' => 1100, 'connector' => 'lamp', 'current_a' => 1, 'area_mm2' => 0.5],
        'rear lamp' => ['kind' => 'power', 'from_place' => 'motor', 'to_place' => 'rack', 'supply_mm' => 900, 'connector' => 'lamp', 'current_a' => 1, 'area_mm2' => 0.5],
        'rear brake hose' => ['kind' => 'hydraulic', 'from_place' => 'bar', 'to_place' => 'stay', 'supply_mm' => 1700, 'connector' => 'hose'],
        'gear cable' => ['kind' => 'mechanical', 'from_place' => 'bar', 'to_place' => 'stay', 'supply_mm' => 2100, 'connector' => 'inner'],
    ];

    protected $fillable = [
        'job_id', 'position', 'name', 'kind', 'from_place', 'to_place', 'supply_mm', 'connector', 'current_a',
        'area_mm2', 'via', 'off', 'removed_at', 'plug', 'threaded_with', 'surplus_at', 'is_unused', 'fuse_a', 'connector_a', 'bears_a',
    ];

    protected $attributes = ['is_unused' => false];

    protected $casts = [
        'kind' => RunKind::class, 'position' => 'integer', 'supply_mm' => 'float',
        'current_a' => 'float', 'area_mm2' => 'float', 'off' => 'array', 'removed_at' => 'datetime',
        'plug' => AsKept::class.':'.PlugAtHand::class, 'surplus_at' => SurplusPlace::class, 'is_unused' => 'boolean',
        'fuse_a' => 'float', 'connector_a' => 'float', 'bears_a' => 'float',
    ];

    /** By which it is told from others, on the drawing too. */
    public function letter(): string
    {
        return chr(ord('A') + $this->position % 26);
    }

    public function details(): RunDetails
    {
        return new RunDetails($this->plug?->plug, $this->threaded_with, $this->surplus_at);
    }

    public function limits(): PowerLimits
    {
        return new PowerLimits($this->current_a, $this->fuse_a, $this->connector_a, $this->bears_a);
    }

    /** As the core lays it. */
    public function toLay(): ToLay
    {
        return new ToLay(
            $this->name, $this->kind, $this->from_place, $this->to_place, $this->supply_mm, $this->connector, [],
            $this->current_a, $this->area_mm2, $this->via, $this->off ?? [],
        );
    }
}
