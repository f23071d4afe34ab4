<?php

declare(strict_types=1);

namespace Database\Seeders\Past;

use Illuminate\Support\Facades\DB;

use function in_array;

/** The tables in which jobs are kept, and where their rows point to. */
final class PastRows
{
    /** Parts of a workshop, by what they are known again by wherever their numbers are others. */
    public const KNOWN_BY = [
        'users' => 'email', 'motors' => 'code', 'rings' => 'code', 'inserts' => 'code', 'packs' => 'code', 'spacers' => 'thickness_mm',
    ];

    private const NEVER = [
        'workshops', 'house_rules', 'feeds', 'absences', 'submissions', 'hand_doubts', 'measured_parts', 'leads', 'spiders',
    ];

    /** @return list<string> those whose rows are a job's, its bike's or its customer's, each after those it points to */
    public static function tables(): array
    {
        $own = ['customers', 'bikes', 'jobs'];
        do {
            $before = $own;
            foreach (self::ways() as $table => $ways) {
                $isOther = in_array($table, [...$own, ...self::NEVER], true) || isset(self::KNOWN_BY[$table]);
                if (! $isOther && array_intersect($ways, $own) !== []) {
                    $own[] = $table;
                }
            }
        } while ($own !== $before);

        return $own;
    }

    /** @return array<string, array<string, string>> by table and column, to which table it points */
    public static function ways(): array
    {
        $rows = DB::select(<<<'SQL'
            select table_name as at, column_name as by_column, referenced_table_name as points_to from information_schema.key_column_usage
            where table_schema = database() and referenced_table_name is not null order by table_name, column_name
            SQL);
        $ways = [];
        foreach ($rows as $row) {
            $ways[$row->at][$row->by_column] = $row->points_to;
        }

        return $ways;
    }

    /** @return array<string, list<string>> columns that are days or times, by table */
    public static function times(): array
    {
        $rows = DB::select(<<<'SQL'
            select table_name as at, column_name as by_column from information_schema.columns
            where table_schema = database() and data_type in ('date', 'datetime', 'timestamp') order by table_name, ordinal_position
            SQL);
        $times = [];
        foreach ($rows as $row) {
            $times[$row->at][] = $row->by_column;
        }

        return $times;
    }
}
