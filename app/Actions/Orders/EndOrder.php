<?php

declare(strict_types=1);

namespace App\Actions\Orders;

use App\Models\Order;
use App\Models\User;

/** Nobody waits for the rest of an order any more; what of it is missing can be ordered elsewhere. */
class EndOrder extends OrderAction
{
    public function __invoke(User $by, Order $order, int $seen): void
    {
        $this->change($by, 'plan', function () use ($by, $order, $seen): void {
            $this->hold($by);
            $this->held($order, $seen, 'end')->forceFill(['ended_at' => now(), 'version' => $seen + 1])->save();
        });
    }
}
