<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use NeatSpindle\Core\Measure\LengthUnit;
use NeatSpindle\Core\Measure\TorqueUnit;

/**
 * @property Role $role
 * @property LengthUnit $length_unit
 * @property TorqueUnit $torque_unit
 * @property Light $light
 */
class User extends Authenticatable
{
    protected $guarded = [];

    protected $hidden = ['password', 'remember_token'];

    protected $attributes = ['length_unit' => 'mm', 'torque_unit' => 'N·m', 'light' => 'bright'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'role' => Role::class,
            'length_unit' => LengthUnit::class,
            'torque_unit' => TorqueUnit::class,
            'light' => Light::class,
        ];
    }

    /** @return BelongsTo<Workshop, $this> */
    public function workshop(): BelongsTo
    {
        return $this->belongsTo(Workshop::class);
    }

    public function firstName(): string
    {
        return explode(' ', $this->name)[0];
    }
}
