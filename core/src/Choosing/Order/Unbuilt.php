<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Order;

use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Holding\Mount\Stack;

/** A truth inside the doubt for which a drawer does not do. */
final readonly class Unbuilt
{
    public function __construct(public Recipe $recipe, public Stack $stack) {}
}
