<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Actions\ChangedMeanwhile;
use App\Actions\Drawer\GivePiecesBack;
use App\Actions\Drawer\ReservePieces;
use App\Actions\Drawer\TakePieces;
use App\Actions\Orders\PlaceOrder;
use App\Actions\Orders\ReceiveOrder;
use App\Actions\Stock\CountStock;
use App\Actions\Stock\MoveStock;
use App\Models\Job;
use App\Models\Movement;
use App\Models\Order;
use App\Models\Row;
use App\Models\Stocked;
use App\Models\StockRows;
use App\Models\User;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Parts\Stock\Moved;

use function count;

/** Somebody who moves what a workshop keeps, at random and without a look at what others do meanwhile. */
final class Stockroom
{
    /** @return array<string, int> how often what was done, and how often it was refused */
    public static function work(int $userId, int $seed, int $times): array
    {
        mt_srand($seed);
        $person = User::query()->findOrFail($userId);
        Auth::setUser($person);
        $jobs = Job::query()->where('workshop_id', $person->workshop_id)->pluck('id')->all();
        $did = ['moved' => 0, 'refused' => 0];
        for ($i = 0; $i < $times; $i++) {
            try {
                match (mt_rand(0, 9)) {
                    0 => self::forAJob(Job::query()->whereKey($jobs[mt_rand(0, count($jobs) - 1)])->firstOrFail(), $person),
                    1 => self::fromAnOrder($person),
                    2 => app(PlaceOrder::class)($person, 'Skelder Turning '.mt_rand(1, 3), [], ['Rags', 1], null, null),
                    default => self::byHand($person),
                };
                $did['moved']++;
            } catch (AuthorizationException|ValidationException|ChangedMeanwhile) {
                $did['refused']++;
            }
        }

        return $did;
    }

    /** @return list<string> of what a workshop keeps, what is not the sum of its movements, less than nothing, or reserved otherwise than jobs say */
    public static function odd(int $workshopId): array
    {
        $odd = [];
        foreach (['spacers' => 'spacer_id', 'leads' => 'lead_id', 'stock_items' => 'stock_item_id'] as $table => $key) {
            foreach (DB::table($table)->where('workshop_id', $workshopId)->get(['id', 'quantity', 'kept']) as $row) {
                $lines = Movement::query()->withoutGlobalScopes()->where($key, $row->id);
                $reserved = $key === 'spacer_id' ? (int) DB::table('reservations')->where('spacer_id', $row->id)->where('state', 'reserved')
                    ->sum('quantity') : $row->kept;
                $stands = [(int) (clone $lines)->sum('changed'), (int) $lines->sum('kept_changed'), $reserved];
                $stands === [$row->quantity, $row->kept, $row->kept]
 && $row->quantity >= 0 || $odd[] = "{$table} {$row->id}: {$row->quantity} with {$row->kept} kept, and the book says ".json_encode($stands);
            }
        }

        return $odd;
    }

    private static function byHand(User $person): void
    {
        $rows = StockRows::all();
        $key = $rows->keys()->get(mt_rand(0, $rows->count() - 1));
        $row = $rows->get((string) $key);
        if ($row === null) {
            return;
        }
        mt_rand(0, 3) === 0
            ? app(CountStock::class)($person, [(string) $key => mt_rand(0, 12)], [(string) $key => $row->quantity])
            : app(MoveStock::class)($person, $row, ...self::move($row, $person));
    }

    /** @return array{Moved, int, ?Job, null} */
    private static function move(Row&Stocked $row, User $person): array
    {
        $can = Moved::byHand($row->isKeptByHand());
        $how = $can[mt_rand(0, count($can) - 1)];
        $isForAJob = $how->isForAJob() || mt_rand(0, 1) === 1;

        return [
            $how, mt_rand(1, 6),
            $isForAJob ? Job::query()->where('workshop_id', $person->workshop_id)->inRandomOrder()->firstOrFail() : null, null,
        ];
    }

    private static function fromAnOrder(User $person): void
    {
        $order = Order::query()->whereNull('ended_at')->with('lines')->inRandomOrder()->first();
        $line = $order?->lines->random();
        $order === null || $line === null || app(ReceiveOrder::class)(
            $person, $order, $order->version, [$line->id => mt_rand(1, 4)], [$line->id => mt_rand(0, 1)],
        );
    }

    private static function forAJob(Job $job, User $person): void
    {
        $does = [ReservePieces::class, TakePieces::class, GivePiecesBack::class][mt_rand(0, 2)];
        app($does)($job, $person, $job->version);
    }
}
