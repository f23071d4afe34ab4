<?php

declare(strict_types=1);

namespace App\Documents\Archive;

use function preg_match;
use function sprintf;

/**
 * A whole workshop as one file: a ZIP with a line of JSON for each row of each table, what each table is made of as a schema, its pictures, and a
 * manifest that says what there is and has the hash of each. Rows are numbered from 1 in each table, and name each other by these numbers; so an
 * archive says nothing of the database it comes from, and what is read in goes out again the same to the byte.
 */
final class Archive
{
    public const FORMAT = 'neat-spindle/archive';

    public const VERSION = 1;

    public const MANIFEST = 'manifest.json';

    /** Every file in it is of this day: when it was made is not in it. */
    public const MADE_AT = 946_684_800;

    /** No line is longer, in bytes. */
    public const LONGEST_LINE = 4_000_000;

    /** Unpacked it is no larger, in bytes. */
    public const LARGEST = 8_000_000_000;

    /** Text shrinks to no less than so much of a hundredth. */
    public const MOST_SHRUNK = 400;

    /** A table has at most so many rows. */
    public const MOST_ROWS = 2_000_000;

    public static function table(string $name): string
    {
        return "tables/{$name}.jsonl";
    }

    public static function schema(string $name): string
    {
        return "schemas/{$name}.schema.json";
    }

    public static function picture(int $number, bool $isSmall): string
    {
        return sprintf('pictures/%06d%s.jpg', $number, $isSmall ? '-small' : '');
    }

    /** Whether a file of such a name may be in one at all. */
    public static function mayHold(string $name): bool
    {
        return $name === self::MANIFEST || preg_match('#^(tables/[a-z_]+\.jsonl|schemas/[a-z_]+\.schema\.json|pictures/\d{6}(-small)?\.jpg)$#D', $name) === 1;
    }
}
