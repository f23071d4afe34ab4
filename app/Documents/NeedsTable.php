<?php

declare(strict_types=1);

namespace App\Documents;

use NeatSpindle\Core\Whole\Needs\Need;

/** Everything a job needs as a table: `what, quantity, from, waits`. */
class NeedsTable
{
    /**
     * @param  list<Need>  $needs
     * @return list<list<string>> the headings first
     */
    public static function rows(array $needs): array
    {
        return [['what', 'quantity', 'from', 'waits'], ...array_map(
            fn (Need $need) => [$need->what, (string) $need->count, $need->origin->value, $need->waits ?? ''], $needs,
        )];
    }
}
