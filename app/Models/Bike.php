<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\BikeFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Donor\Bike\FrameMaterial;

/**
 * @property BikeKind $kind
 * @property FrameMaterial $frame_material
 * @property Customer $customer
 */
class Bike extends Row
{
    /** @use HasFactory<BikeFactory> */
    use HasFactory;

    protected $fillable = ['customer_id', 'label', 'kind', 'frame_material'];

    protected $casts = ['kind' => BikeKind::class, 'frame_material' => FrameMaterial::class];

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }
}
