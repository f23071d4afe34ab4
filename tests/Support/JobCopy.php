<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Facades\DB;

use function array_diff_key;
use function array_flip;
use function array_key_exists;
use function array_map;
use function hash;
use function is_array;
use function is_string;
use function json_decode;
use function json_encode;

/**
 * A job that the application's own actions have made once in this process, laid out again from its rows wherever the
 * workshop is the same in all that the actions look at: its catalogue, its drawer, its rules, and who does it.
 */
final class JobCopy
{
    /** What of a workshop a job is made from. */
    private const LOOKED_AT = ['motors', 'rings', 'inserts', 'spiders', 'packs', 'spacers', 'leads', 'house_rules'];

    /** What differs from workshop to workshop, or from one making to the next, and makes no difference to a job. */
    private const INDIFFERENT = ['id', 'workshop_id', 'user_id', 'created_at', 'updated_at', 'made_at'];

    /** @var array<string, self> */
    private static array $made = [];

    /** @var list<string>|null tables whose rows belong to a job */
    private static ?array $tables = null;

    /**
     * @param  array<string, mixed>  $job  its row
     * @param  array<string, mixed>  $bike
     * @param  array<string, list<array<string, mixed>>>  $rows  by table
     * @param  array<string, array<int, string>>  $codes  of the workshop's motors and rings, by table and id
     */
    private function __construct(
        private readonly array $job, private readonly array $bike, private readonly string $customer, private readonly array $rows, private readonly array $codes,
    ) {}

    /** @param  callable(): Job  $make */
    public static function of(string $what, User $by, callable $make): Job
    {
        $key = "{$what} ".self::workshop($by);
        if (isset(self::$made[$key])) {
            return self::$made[$key]->layOut($by);
        }
        $job = $make();
        self::$made[$key] = self::read($job);

        return $job;
    }

    private static function workshop(User $by): string
    {
        $looked = array_map(fn (string $table) => array_map(
            fn (object $row) => array_diff_key((array) $row, array_flip(self::INDIFFERENT)),
            DB::table($table)->where('workshop_id', $by->workshop_id)->orderBy('id')->get()->all(),
        ), self::LOOKED_AT);

        return hash('xxh128', (string) json_encode([$looked, $by->role, $by->length_unit, $by->handDoubts()->get(['instrument', 'doubt_mm'])]));
    }

    private static function read(Job $job): self
    {
        $row = fn (string $table, int $id): array => (array) DB::table($table)->where('id', $id)->first();
        $bike = $row('bikes', $job->bike_id);
        $rows = [];
        foreach (self::tables() as $table) {
            $rows[$table] = array_values(array_map(fn (object $one) => (array) $one, DB::table($table)->where('job_id', $job->id)->orderBy('id')->get()->all()));
        }
        $codes = fn (string $table): array => DB::table($table)->where('workshop_id', $job->workshop_id)->pluck('code', 'id')->all();

        return new self(
            $row('jobs', $job->id), $bike, (string) $row('customers', $bike['customer_id'])['name'], array_filter($rows), ['motor_id' => $codes('motors'), 'ring_id' => $codes('rings')],
        );
    }

    /** @return list<string> */
    private static function tables(): array
    {
        return self::$tables ??= array_column(DB::select(
            "select table_name as name from information_schema.columns where table_schema = database() and column_name = 'job_id' order by table_name",
        ), 'name');
    }

    private function layOut(User $by): Job
    {
        $workshop = $by->workshop()->firstOrFail();
        $customer = $workshop->customers()->firstOrCreate(['name' => $this->customer]);
        $bike = DB::table('bikes')->insertGetId(['customer_id' => $customer->id] + array_diff_key($this->bike, ['id' => 0]));
        $number = max($workshop->first_number, 1 + (int) $workshop->jobs()->max('number'));
        $people = array_map(fn () => $by->id, array_filter(['assignee_id' => $this->job['assignee_id'], 'changed_by_id' => $this->job['changed_by_id']]));
        $id = DB::table('jobs')->insertGetId([
            'workshop_id' => $workshop->id, 'bike_id' => $bike, 'number' => $number, ...$people,
        ] + array_diff_key($this->job, ['id' => 0]));
        $ids = ['motor_id' => DB::table('motors')->where('workshop_id', $workshop->id)->pluck('id', 'code'), 'ring_id' => DB::table('rings')->where('workshop_id', $workshop->id)->pluck('id', 'code')];
        foreach ($this->rows as $table => $rows) {
            DB::table($table)->insert(array_map(fn (array $row) => $this->row($row, $id, $by->id, $ids), $rows));
        }

        return Workshops::fresh((new Job)->forceFill(['id' => $id]));
    }

    /**
     * @param  array<string, mixed>  $row
     * @param  array<string, \Illuminate\Support\Collection<string, int>>  $ids  of the workshop it is laid out in, by code
     * @return array<string, mixed>
     */
    private function row(array $row, int $job, int $by, array $ids): array
    {
        unset($row['id']);
        foreach ($row as $column => $value) {
            $kept = is_string($value) && str_starts_with($value, '{') ? json_decode($value, true) : null;
            $row[$column] = match (true) {
                $column === 'job_id' => $job,
                $column === 'user_id' => $by,
                isset($this->codes[$column], $value) => $ids[$column][$this->codes[$column][$value]],
                is_array($kept) && array_key_exists('motor_id', $kept) => json_encode($this->row($kept, $job, $by, $ids) ?: (object) [], JSON_PRESERVE_ZERO_FRACTION),
                default => $value,
            };
        }

        return $row;
    }
}
