<?php

declare(strict_types=1);

namespace Database\Seeders\Past;

use App\Models\Workshop;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use LogicException;

use function array_chunk;
use function array_fill_keys;
use function array_key_exists;
use function array_keys;
use function array_map;
use function file_get_contents;
use function gzdecode;
use function in_array;
use function intdiv;
use function is_string;
use function json_decode;
use function json_encode;
use function preg_replace_callback;
use function strlen;

/** Lays the year that `PastWriter` has written down into the demo's workshop, so many whole weeks later that it ends just now. */
class PastSeeder extends Seeder
{
    private const AT_A_TIME = 400;

    /** Days as the kept sheet of a hand-over and a reason say them. */
    private const DAY_IN_WORDS = '/\b(\d{1,2}) (January|February|March|April|May|June|July|August|September|October|November|December) (\d{4})\b/';

    private int $days = 0;

    /** @var array<string, int> what is added to numbers of rows, by table */
    private array $later = [];

    /** @var array<string, array<string, int>> numbers of what a workshop has, by table and by what it is known */
    private array $known = [];

    public function run(Workshop $workshop): void
    {
        /** @var array{made_on: string, rows: array<string, list<array<string, mixed>>>} $past */
        $past = json_decode(
            (string) gzdecode((string) file_get_contents(database_path(PastWriter::FILE))), true, flags: JSON_THROW_ON_ERROR,
        );
        $this->days = intdiv((int) Carbon::parse($past['made_on'])->diffInDays(Carbon::today()), 7) * 7;
        foreach (array_keys($past['rows']) as $table) {
            $this->later[$table] = (int) DB::table($table)->max('id');
        }
        foreach (PastRows::KNOWN_BY as $table => $by) {
            $this->known[$table] = DB::table($table)->where('workshop_id', $workshop->id)->pluck('id', $by)
                ->map(fn (mixed $id): int => (int) $id)->all();
        }
        [$ways, $times] = [PastRows::ways(), PastRows::times()];
        foreach ($past['rows'] as $table => $rows) {
            $this->lay(
                $table,
                array_map(fn (array $row) => $this->row($table, $row, $ways[$table] ?? [], $times[$table] ?? [], $workshop), $rows),
            );
        }
    }

    /** @param  list<array<string, mixed>>  $rows */
    private function lay(string $table, array $rows): void
    {
        $columns = [];
        foreach ($rows as $row) {
            $columns += array_fill_keys(array_keys($row), null);
        }
        foreach (array_chunk($rows, self::AT_A_TIME) as $some) {
            DB::table($table)->insert(array_map(fn (array $row) => [...$columns, ...$row], $some));
        }
    }

    /**
     * @param  array<string, mixed>  $row
     * @param  array<string, string>  $ways  by column, to which table it points
     * @param  list<string>  $times
     * @return array<string, mixed>
     */
    private function row(string $table, array $row, array $ways, array $times, Workshop $workshop): array
    {
        foreach ($row as $column => $value) {
            $to = $column === 'id' ? $table : $ways[$column] ?? null;
            $row[$column] = match (true) {
                $to !== null => $this->number($to, $value),
                in_array($column, $times, true) && is_string($value) => $this->moved($value),
                $table === 'jobs' && $column === 'rest' => $this->rest((string) $value),
                is_string($value) => $this->inWords($value),
                default => $value,
            };
        }

        return array_key_exists('workshop_id', $ways) ? ['workshop_id' => $workshop->id] + $row : $row;
    }

    private function number(string $table, mixed $value): int
    {
        return isset(PastRows::KNOWN_BY[$table])
            ? $this->known[$table][(string) $value] ?? throw new LogicException("The demo has no {$value} in {$table} any more: run bin/make-past.")
            : $this->later[$table] + (int) $value;
    }

    private function moved(string $time): string
    {
        return Carbon::parse($time)->addDays($this->days)->format(strlen($time) === 10 ? 'Y-m-d' : 'Y-m-d H:i:s');
    }

    /** What is left of a job says in minutes when it has cured. */
    private function rest(string $kept): string
    {
        $rest = (array) json_decode($kept, true, flags: JSON_THROW_ON_ERROR);
        isset($rest['cured_at']) && $rest['cured_at'] += $this->days * 24 * 60;

        return json_encode($rest, JSON_THROW_ON_ERROR);
    }

    private function inWords(string $text): string
    {
        return (string) preg_replace_callback(self::DAY_IN_WORDS, fn (array $found) => Carbon::parse($found[0])->addDays($this->days)
            ->format('j F Y'), $text);
    }
}
