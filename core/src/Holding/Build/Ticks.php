<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use function in_array;

/** What was recorded of a sheet's steps. */
final readonly class Ticks
{
    /**
     * @param  list<string>  $done codes
     * @param  list<string>  $failed codes of steps that failed their check
     */
    public function __construct(public array $done, public array $failed) {}

    public function isDone(string $code): bool
    {
        return in_array($code, $this->done, true);
    }

    public function hasFailed(string $code): bool
    {
        return in_array($code, $this->failed, true);
    }
}
