<?php

declare(strict_types=1);

namespace App\Actions\Orders;

use App\Bench\OpenJob;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Spacer;
use App\Models\StockRows;
use App\Models\Supplier;
use App\Models\User;
use App\Models\Workshop;
use App\Ordering\Proposed;
use App\Ordering\ToOrder;
use Illuminate\Database\Eloquent\Builder;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;

use function array_map;

/** Orders some of what could be ordered, from one supplier; what a job waits for gets the day on which it is expected. */
class PlaceOrder extends OrderAction
{
    /**
     * @param  array<string, int>  $counts  how many of what was proposed, by its key
     * @param  ?array{string, int}  $else  something that was not proposed, and how many
     * @param  ?string  $expectedOn  a day; null where none is named
     */
    public function __invoke(User $by, string $supplier, array $counts, ?array $else, ?string $expectedOn, ?string $note): Order
    {
        $before = (int) self::lines($by->workshop_id)->max('id');
        $lines = $this->chosen($by->workshop, array_filter($counts));
        $lines === [] && $else === null && $this->refuse('lines', 'Nothing is on the order yet: say how many of something.');

        return $this->change($by, 'plan', function () use ($by, $supplier, $before, $lines, $else, $expectedOn, $note): Order {
            $jobs = array_values(array_filter(array_map(fn (array $line) => $line[0]->job, $lines)));
            $this->eachJob($by, 'choose', $jobs, fn (OpenJob $open) => $open->job->fill(['parts_on' => self::partsOn($open->job,
                $expectedOn)]));
            $workshop = $this->hold($by);
            (int) self::lines($workshop->id)->lockForUpdate()->max('id') === $before || $this->refuse('lines',
                'Somebody else has just ordered. Look again at what is missing, then place yours.');
            Order::query()->whereNull('ended_at')->count() < Order::MOST_OPEN || $this->refuse('lines',
                'So many orders are open already: end those nobody waits for.');
            $order = Order::query()->create([
                'workshop_id' => $workshop->id, 'number' => 1 + (int) Order::query()->lockForUpdate()->max('number'), 'placed_on' => today(),
                'expected_on' => $expectedOn, 'note' => $note,
                'supplier_id' => Supplier::query()->lockForUpdate()->firstOrCreate(['workshop_id' => $workshop->id, 'name' => $supplier])->id,
                'user_id' => $by->id,
            ]);
            foreach ($lines as [$proposed, $count]) {
                $order->lines()->create(self::row($workshop, $proposed, $count));
            }
            $else === null || $order->lines()->create(['workshop_id' => $workshop->id, 'what' => $else[0], 'count' => $else[1]]);

            return $order;
        });
    }

    /** @return Builder<OrderLine> of all orders */
    private static function lines(int $workshop): Builder
    {
        return OrderLine::query()->where('workshop_id', $workshop);
    }

    /**
     * @param  array<string, int>  $counts
     * @return list<array{Proposed, int}>
     */
    private function chosen(Workshop $workshop, array $counts): array
    {
        if ($counts === []) {
            return [];
        }
        $known = array_column(array_map(fn (Proposed $one) => [$one->key, $one], ToOrder::of($workshop)->lines), 1, 0);
        $chosen = [];
        foreach ($counts as $key => $count) {
            isset($known[$key]) || $this->refuse('lines',
                'Something you ticked is not missing any more: it came, was ordered by somebody else, or the job changed. Look again.');
            $chosen[] = [$known[$key], $count];
        }

        return $chosen;
    }

    /** @return array<string, int|string|null> */
    private static function row(Workshop $workshop, Proposed $proposed, int $count): array
    {
        $stocked = match (true) {
            $proposed->kind !== null => self::kind($workshop, $proposed->kind[0] / 100, array_map(SpacerUse::from(...),
                $proposed->kind[1])),
            $proposed->stock !== null => StockRows::find($proposed->stock),
            default => null,
        };

        return [
            'workshop_id' => $workshop->id, 'what' => $proposed->what, 'count' => $count, 'job_id' => $proposed->job,
            'mark' => $proposed->mark,
            ...($stocked === null ? [] : [$stocked::movementKey() => $stocked->id]),
        ];
    }

    /**
     * A spacer that has to be made lies in the drawer once it is here: its place is made for it now.
     *
     * @param  list<SpacerUse>  $uses
     */
    private static function kind(Workshop $workshop, float $mm, array $uses): Spacer
    {
        $known = $workshop->spacers()->where('thickness_mm', $mm)->where('uses_key', Spacer::usesKey($uses))
            ->lockForUpdate()->first();
        $kind = $known ?? $workshop->spacers()->make(['thickness_mm' => $mm, 'uses' => $uses]);
        $kind->fill(['retired_at' => null, 'retired_by_id' => null])->save();

        return $kind;
    }
}
