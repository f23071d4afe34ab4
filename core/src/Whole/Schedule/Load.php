<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Schedule;

/** What one person's week is taken for, in minutes. */
final readonly class Load
{
    /** @param  int  $monday  of the week, a day */
    public function __construct(public string $who, public int $monday, public int $busy, public int $open) {}
}
