<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Stock;

use NeatSpindle\Core\CoreException;
use RuntimeException;

/** More is asked for than there is. */
final class NotOnTheShelf extends RuntimeException implements CoreException
{
    public static function toTake(int $wanted, int $there): self
    {
        return new self(
            $there === 0 ? 'There are none. Count them first.' : "There are only {$there}, and {$wanted} are wanted. Count them first.",
        );
    }

    public static function toReserve(int $wanted, int $free): self
    {
        return new self(
            $free === 0 ? 'All of them are kept for other jobs.' : "Only {$free} are not kept for other jobs, and {$wanted} are wanted.",
        );
    }

    public static function tooMany(int $most): self
    {
        return new self("Of one thing the book holds {$most} at most.");
    }

    public static function lessThanNone(): self
    {
        return new self('Say how many: none or more.');
    }
}
