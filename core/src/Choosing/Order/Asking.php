<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Order;

use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;

/** A job that asks the drawer for a stack. */
final readonly class Asking
{
    /**
     * @param  int  $job  by which it is known again
     * @param  list<SpacerRow>  $own  what is its alone: from its motor's box, and reserved for it
     */
    public function __construct(public int $job, public Recipe $recipe, public array $own = []) {}
}
