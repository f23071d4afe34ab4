<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

use function count;

/**
 * A row of a table of ours.
 *
 * @phpstan-consistent-constructor
 */
abstract class Row extends Model
{
    use BootsByName;
    use PlainAttributes;

    /**
     * Rows as they were read, each made after the first: to start every one anew takes most of the time of making it.
     *
     * @param  list<object>  $rows
     * @return list<static>
     */
    public static function fromRows(array $rows): array
    {
        if ($rows === []) {
            return [];
        }
        $all = [];
        $first = new static;
        $first->exists = true;
        $first->setConnection($first->getConnection()->getName());
        // As the framework guards rows of which there are several: none asks for what belongs to it by itself.
        $first->preventsLazyLoading = count($rows) > 1 && self::preventsLazyLoading();
        foreach ($rows as $row) {
            $one = clone $first;
            $one->attributes = $one->original = (array) $row;
            $all[] = $one;
        }

        return $all;
    }
}
