<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

use NeatSpindle\Core\Sums\Margin\Verdict;

/** One thing that was asked of a battery at a place. */
final readonly class Finding
{
    /**
     * @param  string  $code tells what was asked: `voltage`, `room`, `out`, `fixing`, `load`, `current`, or a check's code
     * @param  ?Verdict  $verdict null while nobody knows
     */
    public function __construct(public string $code, public string $label, public ?Verdict $verdict, public string $says) {}
}
