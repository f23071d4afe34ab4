<?php

declare(strict_types=1);

namespace App\Actions\Orders;

use App\Actions\ChangeJob;
use App\Actions\Refuses;
use App\Actions\StandsOtherwise;
use App\Actions\Stock\StockBook;
use App\Actions\Submission;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\User;
use App\Models\Workshop;
use Closure;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Support\Facades\DB;

use function is_string;

/**
 * A change of what is ordered. The jobs it is for are held first, in the order of their ids, then the workshop and with it every order: in this
 * sequence, so that nobody waits for somebody who waits for him. Nothing is read in the transaction before that: the database shows what stood at
 * the first look, and whoever was waited for has changed it since.
 */
abstract class OrderAction
{
    use Refuses;

    private const ATTEMPTS = 3;

    public function __construct(
        private readonly Gate $gate, private readonly Submission $submission, private readonly ChangeJob $changeJob,
        protected readonly StockBook $book,
    ) {}

    /**
     * @template T
     *
     * @param  Closure(): T  $change  changes the jobs it is for, then holds the workshop
     * @return T
     */
    protected function change(User $by, string $ability, Closure $change): mixed
    {
        $this->gate->forUser($by)->authorize($ability, $by->workshop);

        return DB::transaction(function () use ($by, $change): mixed {
            $this->submission->claim($by);

            return $change();
        }, self::ATTEMPTS);
    }

    protected function hold(User $by): Workshop
    {
        return Workshop::query()->whereKey($by->workshop_id)->lockForUpdate()->firstOrFail();
    }

    /** The order as it stands; the workshop is held. */
    protected function held(Order $order, int $seen, string $field): Order
    {
        $held = Order::query()->whereKey($order->id)->lockForUpdate()->with('lines.job')->firstOrFail();
        $held->version === $seen || throw StandsOtherwise::told('Somebody has changed this order', $field);
        $held->ended_at === null || $this->refuse($field, 'Nobody waits for this order any more.');

        return $held;
    }

    /**
     * Changes each of some jobs that are still open; one that has left or was given up is left alone.
     *
     * @param  list<int>  $jobs
     * @param  Closure(OpenJob): mixed  $change
     */
    protected function eachJob(User $by, string $ability, array $jobs, Closure $change): void
    {
        $open = Job::query()->whereKey(array_unique($jobs))->whereNull('ended_at')->whereNull('handed_over_at')->orderBy('id')
            ->lockForUpdate()->get();
        foreach ($open as $job) {
            $this->changeJob->asPartOfMore($job, $by, $ability, null, $change);
        }
    }

    /**
     * The day by which a job has all that is ordered for it: the last one named by an order it waits for.
     *
     * @param  ?string  $alsoOn  a day one of them is about to be told
     * @param  ?int  $instead  the order that is told it
     */
    protected static function partsOn(Job $job, ?string $alsoOn, ?int $instead = null): ?string
    {
        $days = OrderLine::awaited($job->workshop_id)->where('job_id', $job->id)->where('order_id', '!=', $instead ?? 0)
            ->join('orders', 'orders.id', '=', 'order_lines.order_id')->max('expected_on');
        $last = max(is_string($days) ? substr($days, 0, 10) : '', $alsoOn ?? '');

        return $last === '' ? $job->parts_on?->format('Y-m-d') : $last;
    }
}
