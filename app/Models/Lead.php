<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\OwnWorkshop;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Builder;
use NeatSpindle\Core\Fitting\Route\PlugName;
use NeatSpindle\Core\Ground\Measure\LengthUnit;

/**
 * @property string $connector
 * @property float $length_mm
 * @property int $quantity
 * @property int $kept
 * @property ?int $minimum
 * @property ?string $lies_in
 */
#[ScopedBy(OwnWorkshop::class)]
class Lead extends Row implements Stocked
{
    use HasMovements;

    protected $fillable = ['connector', 'length_mm', 'quantity', 'lies_in', 'minimum'];

    /** @param  Builder<self>  $query */
    public function scopeInOrder(Builder $query): void
    {
        $query->orderBy('connector')->orderBy('length_mm');
    }

    protected $casts = ['length_mm' => 'float', 'quantity' => 'int', 'kept' => 'int', 'minimum' => 'int', 'price' => 'float'];

    protected $attributes = ['quantity' => 0, 'kept' => 0];

    public static function movementKey(): string
    {
        return 'lead_id';
    }

    public function called(LengthUnit $unit): string
    {
        return 'Lead, '.PlugName::of($this->connector).', '.$unit->showCoarse($this->length_mm);
    }

    public function counted(): string
    {
        return 'pieces';
    }
}
