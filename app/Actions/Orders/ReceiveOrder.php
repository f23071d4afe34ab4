<?php

declare(strict_types=1);

namespace App\Actions\Orders;

use App\Bench\Gathering;
use App\Bench\OpenJob;
use App\Models\Arrival;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\StockRows;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use NeatSpindle\Core\Parts\Stock\Moved;

use function array_filter;
use function array_values;
use function in_array;

/**
 * Writes down what of an order came, and what of that was wrong and goes back: it is waited for again. What is kept is in the book then; what a job
 * waits for is here for it.
 */
class ReceiveOrder extends OrderAction
{
    /**
     * @param  array<int, int>|null  $came  by line; null where all that is waited for did
     * @param  array<int, int>  $wrong  of those, by line
     * @return int how many pieces are still to come
     */
    public function __invoke(User $by, Order $order, int $seen, ?array $came, array $wrong): int
    {
        $came ??= $order->load('lines')->lines->mapWithKeys(fn (OrderLine $line) => [$line->id => $line->out()])->all();
        $done = $order->lines->filter(fn (OrderLine $line) => $line->mark !== null
            && ($came[$line->id] ?? 0) - ($wrong[$line->id] ?? 0) >= $line->out() && $line->out() > 0);
        $jobs = array_values(array_filter($done->map(fn (OrderLine $line) => $line->job_id)->all()));

        return $this->change($by, 'countDrawer', function () use ($by, $order, $seen, $came, $wrong, $done, $jobs): int {
            $this->eachJob($by, 'work', $jobs, fn (OpenJob $open) => self::arrived($open, $by, $done->where('job_id', $open->job->id)));
            $this->hold($by);
            $held = $this->held($order, $seen, 'came');
            foreach ($held->lines as $line) {
                $this->receive($by, $held, $line, $came[$line->id] ?? 0, $wrong[$line->id] ?? 0);
            }
            $held->forceFill(['version' => $held->version + 1, 'ended_at' => $held->out() === 0 ? now() : null])->save();

            return $held->out();
        });
    }

    private function receive(User $by, Order $order, OrderLine $line, int $came, int $wrong): void
    {
        $wrong <= $came || $this->refuse("wrong.{$line->id}", 'No more can be wrong than came.');
        $came <= $line->out() || $this->refuse("came.{$line->id}", $line->out() === 0
            ? 'All of it is here already.' : "Only {$line->out()} are waited for. Write more than that in by hand, under All that is kept.");
        if ($came === 0) {
            return;
        }
        $line->forceFill(['came' => $line->came + $came, 'went_back' => $line->went_back + $wrong])->save();
        $key = $line->stockKey();
        $row = $key === null ? null : StockRows::find($key);
        if ($row !== null) {
            $note = "order {$order->number}";
            $this->book->move($row, Moved::Received, $came, $by, $line->job, $note, field: "came.{$line->id}");
            $wrong > 0 && $this->book->move($row, Moved::SentBack, $wrong, $by, $line->job, "{$note}, the wrong one",
                field: "wrong.{$line->id}");
        }
    }

    /** @param  Collection<int, OrderLine>  $lines  of which all came */
    private static function arrived(OpenJob $open, User $by, Collection $lines): void
    {
        $here = $open->the(Gathering::class)->here;
        foreach ($lines->reject(fn (OrderLine $line) => in_array($line->mark, $here, true)) as $line) {
            Arrival::query()->create(['job_id' => $open->job->id, 'user_id' => $by->id, 'mark' => $line->mark, 'what' => $line->what,
                'seen_at' => now()]);
        }
    }
}
