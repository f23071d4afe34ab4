<?php

declare(strict_types=1);

namespace App\Documents\Archive;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

use function array_keys;
use function in_array;
use function preg_match;

/** Which tables are in an archive, in an order in which each comes after those it names, and how their rows are told to be a workshop’s. */
final class ArchiveTables
{
    /** By which column a row belongs: to the workshop itself, or to a row of a table before it. */
    public const ALL = [
        'users' => 'workshop_id', 'customers' => 'workshop_id', 'bikes' => 'customer_id', 'motors' => 'workshop_id',
        'rings' => 'workshop_id',
        'inserts' => 'workshop_id', 'spiders' => 'workshop_id', 'packs' => 'workshop_id', 'measured_parts' => 'workshop_id',
        'spacers' => 'workshop_id', 'leads' => 'workshop_id', 'stock_items' => 'workshop_id', 'house_rules' => 'workshop_id',
        'absences' => 'user_id', 'hand_doubts' => 'user_id', 'jobs' => 'workshop_id', 'promises' => 'job_id', 'readings' => 'job_id',
        'answers' => 'job_id', 'conditions' => 'job_id', 'obstacles' => 'job_id', 'kits' => 'job_id', 'kit_changes' => 'job_id',
        'box_records' => 'job_id', 'decisions' => 'job_id', 'arrivals' => 'job_id', 'runs' => 'job_id', 'own_stretches' => 'job_id',
        'tracks' => 'job_id', 'fastener_bands' => 'job_id', 'settings' => 'job_id', 'pictures' => 'job_id', 'step_records' => 'job_id',
        'reservations' => 'job_id', 'hand_overs' => 'job_id', 'rechecks' => 'job_id', 'recheck_items' => 'recheck_id',
        'logbook_entries' => 'workshop_id', 'suppliers' => 'workshop_id', 'orders' => 'workshop_id', 'order_lines' => 'workshop_id',
        'movements' => 'workshop_id',
    ];

    /** Tables that stay where they are, and why. */
    public const STAY = [
        'workshops' => 'is in the manifest', 'feeds' => 'an address that was handed out opens here alone',
        'sheet_addresses' => 'an address that was handed out opens here alone',
        'migrations' => 'of the program', 'submissions' => 'of the program', 'letters' => 'of the program',
        'password_reset_tokens' => 'secrets', 'personal_access_tokens' => 'secrets',
    ];

    /** Columns that are no part of what a workshop knows. */
    public const LEFT_OUT = [
        'users' => ['password', 'remember_token'], 'workshops' => ['catalogue_version'], 'pictures' => ['file'],
    ];

    /** References that the database does not know as such. */
    private const SOFT = ['movements.job_id' => 'jobs', 'order_lines.job_id' => 'jobs'];

    /** Under which key of a value in JSON which table is named; a star for every one; under `#` a key is itself a number. */
    public const IN_JSON = [
        'workshops.skills' => ['people' => 'users'], 'jobs.hands' => ['*' => 'users'], 'jobs.elsewhere' => ['by' => 'users',
            'ended_by' => 'users'],
        'kit_changes.before' => ['motor_id' => 'motors', 'ring_id' => 'rings', 'insert_id' => 'inserts'],
        'kit_changes.after' => ['motor_id' => 'motors', 'ring_id' => 'rings', 'insert_id' => 'inserts'],
        'hand_overs.sheet' => ['#pictures' => 'pictures'],
    ];

    /** Words that end in the number of a row. */
    public const IN_WORDS = ['step_records.step' => ['cure-', 'obstacles'], 'decisions.about' => ['pass-cure-', 'obstacles']];

    /** @var array<string, array<string, ArchiveColumn>>|null */
    private ?array $columns = null;

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::ALL);
    }

    /** @return array<string, ArchiveColumn> of a table, or of the workshop itself, by name, without its number and the workshop’s */
    public function columns(string $table): array
    {
        return ($this->columns ??= $this->read())[$table];
    }

    /** The rows of a table that are a workshop’s. */
    public static function rows(string $table, int $workshop): Builder
    {
        $by = self::ALL[$table];
        $rows = DB::table($table);

        return match ($by) {
            'workshop_id' => $rows->where('workshop_id', $workshop),
            'customer_id' => $rows->whereIn($by, self::rows('customers', $workshop)->select('id')),
            'user_id' => $rows->whereIn($by, self::rows('users', $workshop)->select('id')),
            'job_id' => $rows->whereIn($by, self::rows('jobs', $workshop)->select('id')),
            'recheck_id' => $rows->whereIn($by, self::rows('rechecks', $workshop)->select('id')),
        };
    }

    /** @return array<string, array<string, ArchiveColumn>> */
    private function read(): array
    {
        $columns = [];
        $refers = [];
        foreach (DB::select(<<<'SQL'
            select table_name as t, column_name as c, data_type as d, column_type as full_type, character_maximum_length as l,
                is_nullable as n,
                column_default is not null as has_default
            from information_schema.columns where table_schema = database() order by table_name, ordinal_position
            SQL) as $found) {
            /** @var object{t: string, c: string, d: string, full_type: string, l: ?int, n: string, has_default: int} $found */
            [$table, $name] = [$found->t, $found->c];
            $isKnown = $table === 'workshops' || isset(self::ALL[$table]);
            if (! $isKnown || $name === 'id' || $name === 'workshop_id' || in_array($name, self::LEFT_OUT[$table] ?? [], true)) {
                continue;
            }
            $refers[$table] ??= self::references($table);
            $columns[$table][$name] = new ArchiveColumn(
                "{$table}.{$name}", ColumnType::of($found->d), $found->l === null ? null : (int) $found->l, $found->n === 'YES',
                self::SOFT["{$table}.{$name}"] ?? $refers[$table][$name] ?? null, preg_match('/unsigned/', $found->full_type) === 1,
                (bool) $found->has_default,
            );
        }

        return $columns;
    }

    /**
     * Which of its columns name a row of which table. Asked of the table itself: what the server lists of all keys it looks up in every table of
     * every database, and one version of it did not survive that while others were made.
     *
     * @return array<string, string>
     */
    private static function references(string $table): array
    {
        $made = (array) DB::selectOne("show create table `{$table}`");
        preg_match_all('/FOREIGN KEY \(`(\w+)`\) REFERENCES `(\w+)`/', (string) ($made['Create Table'] ?? ''), $found);

        return array_combine($found[1], $found[2]);
    }
}
