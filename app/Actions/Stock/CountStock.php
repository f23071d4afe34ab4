<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Models\StockRows;
use App\Models\User;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Parts\Stock\Moved;

/** Keeps what was counted in one round along the shelves. What nobody counted otherwise than it stood is not written. */
class CountStock extends StockAction
{
    /**
     * @param  array<string, int>  $counts  by the key of each
     * @param  array<string, int>  $seen  how many the page said there were
     * @return int how many were counted otherwise
     *
     * @throws ValidationException at each that somebody else moved meanwhile; nothing of the round is kept then
     */
    public function __invoke(User $by, array $counts, array $seen): int
    {
        return $this->change($by, 'countDrawer', function () use ($by, $counts, $seen): int {
            $written = 0;
            $faults = [];
            $rows = StockRows::all();
            foreach (array_filter($counts, fn (int $count, string $key) => $count !== ($seen[$key] ?? null), ARRAY_FILTER_USE_BOTH) as $key => $count) {
                $row = $rows->get($key);
                if ($row === null) {
                    $faults["counts.{$key}"] = 'It is not in the book any more.';
                } elseif ($row->quantity !== ($seen[$key] ?? null) && $row->quantity !== $count) {
                    $faults["counts.{$key}"] = "There are {$row->quantity} now: somebody counted them or took some out after you had opened this page. Count them again.";
                } elseif ($row->quantity !== $count) {
                    $this->book->move($row, Moved::Counted, $count, $by, field: "counts.{$key}");
                    $written++;
                }
            }

            return $faults === [] ? $written : throw ValidationException::withMessages($faults);
        });
    }
}
