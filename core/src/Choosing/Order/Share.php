<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Order;

use NeatSpindle\Core\Parts\Drawer\SpacerRow;

/** What one job of several has of a common order. */
final readonly class Share
{
    /**
     * @param  OrderList  $order  what is ordered for it
     * @param  list<SpacerRow>  $mayTake  the most it can take of each kind, whatever its doubtful readings turn out to be: with these
     *                                    alone it is built
     */
    public function __construct(public int $job, public OrderList $order, public array $mayTake) {}
}
