<?php

declare(strict_types=1);

namespace App\Models;

use NeatSpindle\Core\Whole\Prove\Found;

/**
 * How one thing was found at a re-check.
 *
 * @property string $code
 * @property string $title
 * @property Found $found
 * @property ?float $torque_nm
 * @property ?string $note
 */
class RecheckItem extends Row
{
    public $timestamps = false;

    protected $fillable = ['recheck_id', 'code', 'title', 'found', 'torque_nm', 'note'];

    protected $casts = ['found' => Found::class, 'torque_nm' => 'float'];
}
