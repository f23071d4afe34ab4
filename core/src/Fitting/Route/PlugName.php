<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

use function in_array;

/** What a kind of plug is called at the bench: by its pins where its name is a number, else by its name. */
final class PlugName
{
    private const NUMBERS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'twelve'];

    public static function of(string $connector): string
    {
        return in_array(strtolower($connector), self::NUMBERS, true) ? strtolower($connector).'-pin plug' : "plug “{$connector}”";
    }
}
