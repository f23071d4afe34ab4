<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

use function max;

/**
 * One thing of an order: so many were ordered, so many came, and of those so many went back because they were wrong.
 *
 * @property int $workshop_id
 * @property string $what
 * @property int $count
 * @property int $came
 * @property int $went_back
 * @property ?int $spacer_id
 * @property ?int $lead_id
 * @property ?int $stock_item_id
 * @property ?int $job_id the job it is for; null where it is to fill the shelf
 * @property ?string $mark of the need of that job
 * @property ?Job $job
 */
class OrderLine extends Row
{
    public $timestamps = false;

    protected $fillable = ['workshop_id', 'order_id', 'what', 'count', 'came', 'went_back', 'spacer_id', 'lead_id', 'stock_item_id',
        'job_id', 'mark'];

    protected $casts = ['count' => 'int', 'came' => 'int', 'went_back' => 'int', 'spacer_id' => 'int', 'lead_id' => 'int',
        'stock_item_id' => 'int', 'job_id' => 'int'];

    protected $attributes = ['came' => 0, 'went_back' => 0];

    /**
     * Lines of a workshop's orders that are still waited for.
     *
     * @return Builder<self>
     */
    public static function awaited(int $workshopId): Builder
    {
        $open = Order::query()->withoutGlobalScopes()->where('workshop_id', $workshopId)->whereNull('ended_at')->select('id');

        return self::query()->where('order_lines.workshop_id', $workshopId)->whereIn('order_id', $open)
            ->whereRaw('count > came - went_back');
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** How many are still to come. */
    public function out(): int
    {
        return max(0, $this->count - $this->came + $this->went_back);
    }

    /** Where it lies in the book of stock; null where it is not kept there. */
    public function stockKey(): ?string
    {
        foreach (['spacer' => $this->spacer_id, 'lead' => $this->lead_id, 'item' => $this->stock_item_id] as $kind => $id) {
            if ($id !== null) {
                return "{$kind}-{$id}";
            }
        }

        return null;
    }
}
