<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\OwnWorkshop;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Parts\Stock\Moved;

/**
 * One line of the book of what a workshop keeps; none is ever changed or taken out.
 *
 * @property Moved $how
 * @property int $changed how many more lie there since
 * @property int $kept_changed how many more are reserved since
 * @property ?string $note
 * @property Carbon $moved_at
 * @property ?User $user
 * @property ?Job $job
 */
#[ScopedBy(OwnWorkshop::class)]
class Movement extends Row
{
    public $timestamps = false;

    protected $fillable = [
        'workshop_id', 'spacer_id', 'lead_id', 'stock_item_id', 'how', 'changed', 'kept_changed', 'job_id', 'user_id', 'note', 'moved_at',
    ];

    protected $casts = ['how' => Moved::class, 'changed' => 'int', 'kept_changed' => 'int', 'moved_at' => 'datetime'];

    /** How many of something are reserved for a job: what its lines add up to. */
    public static function keptFor(Row&Stocked $row, Job $job): int
    {
        return (int) self::query()->where($row::movementKey(), $row->id)->where('job_id', $job->id)->sum('kept_changed');
    }

    /** @return list<array{Row&Stocked, int}> what was taken for a job and not given back, and how many of it */
    public static function takenFor(Job $job): array
    {
        $taken = [];
        foreach ([Spacer::class, Lead::class, StockItem::class] as $kind) {
            $counts = self::query()->where('job_id', $job->id)->whereNotNull($kind::movementKey())->whereIn('how', [Moved::Taken,
                Moved::GivenBack])
                ->groupBy($kind::movementKey())->havingRaw('sum(changed) < 0')
                ->selectRaw("{$kind::movementKey()} as id, -sum(changed) as taken")->toBase()->pluck('taken', 'id');
            foreach ($kind::query()->findMany($counts->keys()) as $row) {
                $taken[] = [$row, (int) $counts[$row->id]];
            }
        }

        return $taken;
    }

    /** @return list<array{Lead|StockItem, int}> what is reserved for a job beside spacers, and how many of it */
    public static function reservedByHand(Job $job): array
    {
        $reserved = [];
        foreach ([Lead::class, StockItem::class] as $kind) {
            $counts = self::query()->where('job_id', $job->id)->whereNotNull($kind::movementKey())->groupBy($kind::movementKey())
                ->havingRaw('sum(kept_changed) > 0')->selectRaw("{$kind::movementKey()} as id, sum(kept_changed) as kept")->toBase()
                ->pluck('kept', 'id');
            foreach ($kind::query()->findMany($counts->keys()) as $row) {
                $reserved[] = [$row, (int) $counts[$row->id]];
            }
        }

        return $reserved;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }
}
