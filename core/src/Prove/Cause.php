<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Prove;

/** What may be behind a miss, and the step of the build that cures it; null where none of the sheet does. */
final readonly class Cause
{
    public function __construct(public string $words, public ?string $step = null) {}
}
