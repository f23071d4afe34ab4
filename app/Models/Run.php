<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsKept;
use App\Models\Values\PlugAtHand;
use NeatSpindle\Core\Fitting\Route\Harness;
use NeatSpindle\Core\Fitting\Route\Joint;
use NeatSpindle\Core\Fitting\Route\PowerLimits;
use NeatSpindle\Core\Fitting\Route\Run as ToLay;
use NeatSpindle\Core\Fitting\Route\RunDetails;
use NeatSpindle\Core\Fitting\Route\RunKind;
use NeatSpindle\Core\Fitting\Route\RunRole;
use NeatSpindle\Core\Fitting\Route\SurplusPlace;
use NeatSpindle\Core\Measuring\Frame\Kind\KindWays;

use function chr;
use function ord;

/**
 * @phpstan-type RunFields array{
 *     name: string, kind: string, from_place: string, to_place: string, supply_mm: float, connector: string,
 *     role?: RunRole, current_a?: ?float, area_mm2?: ?float,
 * }
 *
 * @property int $position its number, which stays when others come and go
 * @property float $supply_mm
 * @property ?float $current_a
 * @property ?float $area_mm2
 * @property ?RunRole $role which of the usual ones it is; null for one of their own
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
    /** A job has at most so many. */
    public const MOST = 40;

    protected $fillable = [
        'job_id', 'position', 'role', 'name', 'kind', 'from_place', 'to_place', 'supply_mm', 'connector', 'current_a',
        'area_mm2', 'via', 'off', 'removed_at', 'plug', 'threaded_with', 'surplus_at', 'is_unused', 'fuse_a', 'connector_a', 'bears_a',
    ];

    protected $attributes = ['is_unused' => false];

    protected $casts = [
        'role' => RunRole::class, 'kind' => RunKind::class, 'position' => 'integer', 'supply_mm' => 'float',
        'current_a' => 'float', 'area_mm2' => 'float', 'off' => 'array', 'removed_at' => 'datetime',
        'plug' => AsKept::class.':'.PlugAtHand::class, 'surplus_at' => SurplusPlace::class, 'is_unused' => 'boolean',
        'fuse_a' => 'float', 'connector_a' => 'float', 'bears_a' => 'float',
    ];

    /**
     * What a row has where it is one of the usual ones, as a motor's papers have it.
     *
     * @return RunFields
     */
    public static function usual(RunRole $role, ?Harness $harness = null): array
    {
        $run = ($harness ?? Harness::usual())->run($role);

        return [
            'role' => $role, 'name' => $run->name, 'kind' => $run->kind->value, 'from_place' => $run->from, 'to_place' => $run->to,
            'supply_mm' => $run->supply, 'connector' => $run->connector, 'current_a' => $run->currentA, 'area_mm2' => $run->areaMm2,
        ];
    }

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
            name: $this->name,
            kind: $this->kind,
            from: $this->from_place,
            to: $this->to_place,
            supply: $this->supply_mm,
            connector: $this->connector,
            avoid: $this->from_place === Joint::Motor->value || $this->to_place === Joint::Motor->value ? [] : [KindWays::AT_THE_MOTOR],
            currentA: $this->current_a,
            areaMm2: $this->area_mm2,
            via: $this->via,
            off: $this->off ?? [],
        );
    }
}
