<?php

declare(strict_types=1);

namespace App\Actions\Orders;

use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\User;

use function array_filter;
use function array_values;

/** Names another day on which an order is expected; the jobs that wait for it are planned with that day. */
class ExpectOrder extends OrderAction
{
    public function __invoke(User $by, Order $order, int $seen, string $on): void
    {
        $waiting = self::waiting($order);
        $this->change($by, 'plan', function () use ($by, $order, $seen, $on, $waiting): void {
            $this->eachJob($by, 'choose', $waiting,
                fn (OpenJob $open) => $open->job->fill(['parts_on' => self::partsOn($open->job, $on, $order->id)]));
            $this->hold($by);
            $this->held($order, $seen, 'expected_on')->forceFill(['expected_on' => $on, 'version' => $seen + 1])->save();
        });
    }

    /** @return array<int, array{parts_on: ?string}> what would be planned otherwise were it that day, by job */
    public static function plans(Order $order, string $on): array
    {
        $jobs = Job::query()->whereKey(self::waiting($order))->whereNull('ended_at')->whereNull('handed_over_at')->get()->keyBy('id');

        return $jobs->map(fn (Job $job) => ['parts_on' => self::partsOn($job, $on, $order->id)])->all();
    }

    /** @return list<int> jobs that something of it is still awaited for */
    private static function waiting(Order $order): array
    {
        return array_values(array_filter($order->lines->filter(fn (OrderLine $line) => $line->out() > 0)
            ->map(fn (OrderLine $line) => $line->job_id)->unique()->all()));
    }
}
