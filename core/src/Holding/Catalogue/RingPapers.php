<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Catalogue;

use NeatSpindle\Core\Parts\Fastening\Band;

/** What a ring's papers say beyond the sums. */
final readonly class RingPapers
{
    /** @param  ?int  $bolts null where nobody has said */
    public function __construct(public ?int $bolts, public ?Band $bolting) {}
}
