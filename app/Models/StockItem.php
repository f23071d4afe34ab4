<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\OwnWorkshop;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Parts\Stock\StockKind;

/**
 * Something kept that is neither a spacer nor a lead.
 *
 * @property StockKind $kind
 * @property string $name
 * @property int $quantity
 * @property int $kept
 * @property ?int $minimum
 * @property ?string $lies_in
 * @property ?Carbon $good_until
 */
#[ScopedBy(OwnWorkshop::class)]
class StockItem extends Row implements Stocked
{
    use HasMovements;

    /** A workshop keeps at most so many. */
    public const MOST = 1000;

    protected $fillable = ['kind', 'name', 'lies_in', 'minimum', 'good_until'];

    protected $casts = ['kind' => StockKind::class, 'quantity' => 'int', 'kept' => 'int', 'minimum' => 'int', 'price' => 'float',
        'good_until' => 'date'];

    protected $attributes = ['quantity' => 0, 'kept' => 0];

    public static function movementKey(): string
    {
        return 'stock_item_id';
    }

    public function called(LengthUnit $unit): string
    {
        return "{$this->kind->label()}: {$this->name}";
    }

    public function counted(): string
    {
        return $this->kind->unit();
    }
}
