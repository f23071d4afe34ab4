<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Job;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

use function array_diff_key;
use function array_filter;
use function array_flip;
use function array_key_exists;
use function array_map;
use function hash;
use function in_array;
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

    /** What a row of a job points to in its workshop, by column: the table, and what one is known by there. */
    private const KNOWN_BY = [
        'motor_id' => ['motors', 'code'], 'ring_id' => ['rings', 'code'], 'insert_id' => ['inserts', 'code'],
        'spacer_id' => ['spacers', null],
    ];

    /** Columns with a person in them. */
    private const PEOPLE = [
        'user_id', 'assignee_id', 'changed_by_id', 'lifted_by_id', 'allowed_by_id', 'brought_back_by_id', 'withdrawn_by_id',
    ];

    /** @var array<string, self> */
    private static array $made = [];

    /** @var list<string>|null tables whose rows belong to a job */
    private static ?array $tables = null;

    /**
     * @param  array<string, mixed>  $job  its row
     * @param  array<string, mixed>  $bike
     * @param  array<string, list<array<string, mixed>>>  $rows  by table
     * @param  array<string, array<int, string|int>>  $codes  what things of the workshop are known by, by column and id
     * @param  list<int>  $spacers  how many of each are there, in order
     */
    private function __construct(
        private readonly array $job, private readonly array $bike, private readonly string $customer, private readonly array $rows,
        private readonly array $codes,
        private readonly array $spacers, private readonly int $by,
    ) {}

    /** @param  callable(): Job  $make */
    public static function of(string $what, User $by, callable $make): Job
    {
        $key = "{$what} ".self::workshop($by);
        if (isset(self::$made[$key])) {
            return self::$made[$key]->layOut($by);
        }
        $job = $make();
        self::$made[$key] = self::read($job, $by);

        return $job;
    }

    /**
     * The same of what is done to a job that is there, wherever job and workshop are the same in all that is looked at, it
     * is the only one there, and the clock goes as it does.
     *
     * @param  callable(): mixed  $change
     */
    public static function after(string $what, Job $job, User $by, callable $change): Job
    {
        if (Carbon::hasTestNow() || DB::table('jobs')->where('workshop_id', $job->workshop_id)->count() > 1) {
            $change();

            return Workshops::fresh($job);
        }
        $key = "{$what} ".self::workshop($by).' '.self::read($job, $by)->mark();
        if (isset(self::$made[$key])) {
            return self::$made[$key]->layOver($job, $by);
        }
        $change();
        $after = self::read($job, $by);
        $after->isWhole() && self::$made[$key] = $after;

        return Workshops::fresh($job);
    }

    private static function workshop(User $by): string
    {
        $looked = array_map(fn (string $table) => array_map(
            fn (object $row) => array_diff_key((array) $row, array_flip(self::INDIFFERENT)),
            DB::table($table)->where('workshop_id', $by->workshop_id)->orderBy('id')->get()->all(),
        ), self::LOOKED_AT);

        return hash(
            'xxh128', (string) json_encode([$looked, $by->role, $by->length_unit, $by->handDoubts()->get(['instrument', 'doubt_mm'])]),
        );
    }

    private static function read(Job $job, User $by): self
    {
        $row = fn (string $table, int $id): array => (array) DB::table($table)->where('id', $id)->first();
        $bike = $row('bikes', $job->bike_id);
        $rows = [];
        foreach (self::tables() as $table) {
            $rows[$table] = array_values(
                array_map(fn (object $one) => (array) $one, DB::table($table)->where('job_id', $job->id)->orderBy('id')->get()->all()),
            );
        }
        /** @var list<int> $spacers */
        $spacers = DB::table('spacers')->where('workshop_id', $job->workshop_id)->orderBy('id')->pluck('quantity')->all();

        return new self(
            $row('jobs', $job->id), $bike, (string) $row('customers', $bike['customer_id'])['name'], array_filter($rows), array_map(
                array_flip(...), self::things($job->workshop_id),
            ), $spacers, $by->id,
        );
    }

    /** @return array<string, array<array-key, int>> ids of what a job's rows may point to, by column and what it is known by */
    private static function things(int $workshop): array
    {
        return array_map(function (array $known) use ($workshop): array {
            [$table, $code] = $known;
            $all = DB::table($table)->where('workshop_id', $workshop)->orderBy('id');

            return $code === null ? $all->pluck('id')->all() : $all->pluck('id', $code)->all();
        }, self::KNOWN_BY);
    }

    /** All that can be told of it, but for its numbers and the times of its making. */
    private function mark(): string
    {
        $plain = fn (array $row): array => array_diff_key(
            $this->row($row, 0, 0, 0, 0, array_map(fn (array $codes) => array_combine($codes, $codes), $this->codes)), array_flip([
                ...self::INDIFFERENT, 'job_id', 'number', 'bike_id', 'customer_id', 'version', 'waits_since',
            ]),
        );
        $isTime = fn (array $row): array => array_filter(
            $row, fn (string $column) => ! str_ends_with($column, '_at'), ARRAY_FILTER_USE_KEY,
        );

        return hash(
            'xxh128',
            (string) json_encode(
                array_map(
                    fn (array $rows) => array_map(fn (array $row) => $isTime($plain($row)), $rows),
                    [[$this->job], [$this->bike], ...$this->rows],
                ),
            ),
        );
    }

    /** Whether nothing in it points to what a copy could not find again. */
    private function isWhole(): bool
    {
        foreach (array_merge(...array_values($this->rows)) as $row) {
            if (
                array_filter(
                    array_diff_key($row, array_flip(['id', 'job_id', 'workshop_id', ...self::PEOPLE]), self::KNOWN_BY),
                    fn (mixed $value, string $column) => $value !== null && str_ends_with($column, '_id'), ARRAY_FILTER_USE_BOTH,
                ) !== []
            ) {
                return false;
            }
        }

        return true;
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
        $people = array_map(
            fn () => $by->id, array_filter(['assignee_id' => $this->job['assignee_id'], 'changed_by_id' => $this->job['changed_by_id']]),
        );
        $id = DB::table('jobs')->insertGetId([
            'workshop_id' => $workshop->id, 'bike_id' => $bike, 'number' => $number, ...$people,
        ] + array_diff_key($this->job, ['id' => 0]));
        $this->layRows($id, $by);

        return Workshops::fresh((new Job)->forceFill(['id' => $id]));
    }

    private function layOver(Job $job, User $by): Job
    {
        foreach (array_reverse(self::tables()) as $table) {
            DB::table($table)->where('job_id', $job->id)->delete();
        }
        $this->layRows($job->id, $by);
        DB::table('bikes')->where('id', $job->bike_id)->update(array_diff_key($this->bike, ['id' => 0, 'customer_id' => 0]));
        $own = array_diff_key($this->job, array_flip(['id', 'workshop_id', 'bike_id', 'number', 'created_at']));
        DB::table('jobs')->where('id', $job->id)->update($this->row($own, $job->id, $by->id, self::owner($by), $by->workshop_id, []));
        foreach (self::things($by->workshop_id)['spacer_id'] as $i => $spacer) {
            DB::table('spacers')->where('id', $spacer)->update(['quantity' => $this->spacers[$i]]);
        }
        $fresh = Workshops::fresh($job);
        $job->setRawAttributes($fresh->getAttributes(), true);

        return $fresh;
    }

    private function layRows(int $job, User $by): void
    {
        $things = self::things($by->workshop_id);
        foreach ($this->rows as $table => $rows) {
            DB::table($table)
                ->insert(
                    array_map(
                        fn (array $row) => array_diff_key(
                            $this->row($row, $job, $by->id, self::owner($by), $by->workshop_id, $things), ['id' => 0],
                        ),
                        $rows,
                    ),
                );
        }
    }

    private static function owner(User $by): int
    {
        return $by->role === Role::Owner ? $by->id : (int) DB::table('users')->where('workshop_id', $by->workshop_id)
            ->where('role', Role::Owner)->min('id');
    }

    /**
     * @param  array<string, mixed>  $row
     * @param  array<string, array<array-key, mixed>>  $things  of the workshop it is laid out in, by column and what they are known by
     * @return array<string, mixed>
     */
    private function row(array $row, int $job, int $by, int $owner, int $workshop, array $things): array
    {
        foreach ($row as $column => $value) {
            $kept = is_string($value) && str_starts_with($value, '{') ? json_decode($value, true) : null;
            $row[$column] = match (true) {
                $column === 'job_id' => $job,
                $column === 'workshop_id' => $workshop,
                in_array($column, self::PEOPLE, true) && $value !== null => $value === $this->by ? $by : $owner,
                isset($this->codes[$column], $value) => $things[$column][$this->codes[$column][$value]],
                is_array($kept) && array_key_exists('motor_id', $kept) => json_encode(
                    $this->row($kept, $job, $by, $owner, $workshop, $things) ?: (object) [], JSON_PRESERVE_ZERO_FRACTION,
                ),
                default => $value,
            };
        }

        return $row;
    }
}
