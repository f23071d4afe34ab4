<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

/** What is known of a run beside its way: its plug, what it goes through or with, where its surplus hides. Null for what nobody said. */
final readonly class RunDetails
{
    public function __construct(public ?Plug $plug = null, public ?string $threadedWith = null, public ?SurplusPlace $surplus = null) {}
}
