<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Actions\Refuses;
use App\Models\Job;
use App\Models\Movement;
use App\Models\Row;
use App\Models\Spacer;
use App\Models\Stocked;
use App\Models\User;
use App\Models\Workshop;
use NeatSpindle\Core\Parts\Stock\Moved;
use NeatSpindle\Core\Parts\Stock\NotOnTheShelf;

/**
 * The one way by which the number of anything changes: the row is held, the core says whether it can be so, and the line is
 * written. To be asked for inside a transaction.
 */
class StockBook
{
    use Refuses;

    /**
     * @param  int  $count  how many; for a count, how many there are now
     * @param  int  $ofReserved  how many of those that are taken were reserved by who takes them
     * @param  string  $field  where it is said when there are not so many
     */
    public function move(Row&Stocked $row, Moved $how, int $count, ?User $by, ?Job $job = null, ?string $note = null, int $ofReserved = 0, string $field = 'count'): void
    {
        self::waitForTheWorkshop($row->workshop_id);
        /** @var Row&Stocked $held */
        $held = $row->newQuery()->whereKey($row->getKey())->lockForUpdate()->firstOrFail();
        $before = $held->shelf();
        try {
            $after = $before->after($how, $count, $ofReserved);
        } catch (NotOnTheShelf $e) {
            $this->refuse($field, $e->getMessage());
        }
        $held->forceFill(['quantity' => $after->lies, 'kept' => $after->kept])->save();
        Movement::query()->create([
            'workshop_id' => $held->workshop_id, $held::movementKey() => $held->id, 'how' => $how, 'changed' => $after->lies - $before->lies,
            'kept_changed' => $after->kept - $before->kept, 'job_id' => $job?->id, 'user_id' => $by?->id, 'note' => $note, 'moved_at' => now(),
        ]);
    }

    /** Whoever writes in the book has the workshop to himself, and has it before anything of it: two who take the same rows in another order would wait for each other. */
    private static function waitForTheWorkshop(int $workshopId): void
    {
        Workshop::query()->whereKey($workshopId)->lockForUpdate()->value('id');
    }

    /**
     * Writes down what of a drawer was counted otherwise by something that writes many rows at once.
     *
     * @template T
     *
     * @param  callable(): T  $write
     * @return T
     */
    public function counting(Workshop $workshop, ?User $by, string $note, callable $write): mixed
    {
        $lie = fn (): array => Spacer::query()->withoutGlobalScopes()->where('workshop_id', $workshop->id)->lockForUpdate()->pluck('quantity', 'id')->all();
        $before = $lie();
        $result = $write();
        $lines = [];
        foreach ($lie() as $id => $now) {
            if ($now !== ($before[$id] ?? 0)) {
                $lines[] = [
                    'workshop_id' => $workshop->id, 'spacer_id' => $id, 'how' => Moved::Counted->value, 'changed' => $now - ($before[$id] ?? 0),
                    'user_id' => $by?->id, 'note' => $note, 'moved_at' => now(),
                ];
            }
        }
        foreach (array_chunk($lines, 200) as $some) {
            Movement::query()->insert($some);
        }

        return $result;
    }
}
