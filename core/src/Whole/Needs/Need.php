<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Needs;

/** Something a job needs: how many, from where, and what waits for it. */
final readonly class Need
{
    /** @param  ?string  $waits title of the step that waits for it; null where none does */
    public function __construct(public string $what, public int $count, public Origin $origin, public ?string $waits) {}
}
