<?php

declare(strict_types=1);

namespace App\Instruments;

use RuntimeException;

/** An instrument gave no whole reading; the message is meant for the person holding it. */
class InstrumentIsSilent extends RuntimeException
{
    public static function becauseItIsNotThere(string $name): self
    {
        return new self("No {$name} answers. Check its plug and that it is on; or type what it shows.");
    }

    public static function becauseItSaidNothing(string $name): self
    {
        return new self("The {$name} is there but sent nothing. Press again; or type what it shows.");
    }

    public static function becauseTheLineBroke(string $heard): self
    {
        return new self("The line broke in the middle of a reading (“{$heard}”). Nothing was taken from it, and what was kept before still stands. Take it again.");
    }
}
