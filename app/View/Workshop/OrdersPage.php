<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Models\Order;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;

/** What is ordered: what is still waited for, the first expected first, then what came. */
class OrdersPage
{
    /** So many that are over are shown. */
    private const OVER = 40;

    /** @var Collection<int, Order>|null */
    private ?Collection $orders = null;

    public function __construct(private readonly User $user) {}

    /** @return Collection<int, Order> */
    public function orders(): Collection
    {
        return $this->orders ??= Order::query()->with('lines', 'supplier')->whereNull('ended_at')->orderByRaw('expected_on is null')
            ->orderBy('expected_on')->orderBy('number')->get()
            ->concat(Order::query()->with('lines', 'supplier')->whereNotNull('ended_at')->orderByDesc('number')->limit(self::OVER)->get());
    }

    /** Who may order, and name another day. */
    public function mayOrder(): bool
    {
        return $this->user->can('plan', $this->user->workshop);
    }

    /** How an order stands, in words. */
    public function stands(Order $order): string
    {
        return match (true) {
            $order->ended_at === null && $order->lateDays() === 1 => 'a day late',
            $order->ended_at === null && $order->lateDays() > 1 => "{$order->lateDays()} days late",
            $order->ended_at === null && $order->lines->sum('came') > 0 => "{$order->out()} still to come",
            $order->ended_at === null => 'on its way',
            $order->lines->sum(fn ($line) => $line->out()) > 0 => 'given up in part',
            default => 'all here',
        };
    }
}
