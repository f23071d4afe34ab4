<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property float $supply_mm
 * @property ?float $current_a
 * @property ?float $area_mm2
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

    protected $fillable = [
        'job_id', 'position', 'name', 'kind', 'from_place', 'to_place', 'supply_mm', 'connector', 'current_a',
        'area_mm2',
    ];

    protected $casts = ['supply_mm' => 'float', 'current_a' => 'float', 'area_mm2' => 'float'];
}
